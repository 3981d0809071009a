#!/usr/bin/env python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""The texts of the program and their translations.

    tools/texts.py update    takes what is new in the sources into i18n/*.ts
    tools/texts.py check     fails where a text has no translation, or one that can't stand in its place

Each text stands once, in the one context "text", whoever says it. lupdate finds them in the sources; those of
data/knowledge are found here. A text about a number of things has %n, and in its comment what it says of one.
`en` holds only those (what English says of one and of several); `en_GB` is made here, by the table below.
"""
import json
import pathlib
import re
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as tree

root = pathlib.Path(__file__).resolve().parent.parent
lupdate = "/usr/lib/qt6/bin/lupdate"

# What of the tables of knowledge is said to people.
said = {
    "cautions": ["text", "reason"],
    "checks": ["text", "look", "test", "effect", "remedy", "reason"],
    "practice": ["text", "intro", "note", "reason"],
    "reasons": ["text", "expect", "reason"],
    "rigs": ["text", "tells", "tells_not", "reason", "make", "alone"],
    "schools": ["text", "reason", "how"],
    "things": ["text", "one", "words"],
}

british = [
    ("tie rod", "track rod"), ("tie-rod", "track-rod"), ("tie tube", "track tube"), ("tire", "tyre"),
    ("off-center", "off-centre"), ("centerline", "centreline"), ("center", "centre"), ("curb", "kerb"),
    ("aluminum", "aluminium"), ("fender", "wing"), ("counterclockwise", "anticlockwise"),
    ("millimeter", "millimetre"), ("centimeter", "centimetre"), ("kilometer", "kilometre"),
    ("the last meter", "the last metre"), ("wrench", "spanner"), ("wrenches", "spanners"),
    ("alignment", "tracking"), ("toe gauge", "tracking gauge"),
]


def in_british(text):
    for american, british_word in british:
        for a, b in ((american, british_word), (american.capitalize(), british_word.capitalize())):
            # Also with an ending: tires, centered.
            text = re.sub(r"\b" + a + r"(?=(s|es|d|ed|ing)?\b)", b, text)
    return text.replace("torque spanner", "torque wrench").replace("spanneres", "spanners")


def found():
    """All texts of the sources: {(source, comment): numerus}."""
    out = {}
    with tempfile.TemporaryDirectory() as folder:
        ts = pathlib.Path(folder) / "found.ts"
        subprocess.run(
            [lupdate, "-silent", "-tr-function-alias", "QT_TR_NOOP+=TR_NOOP,tr+=tr_n", "-locations", "none",
             str(root / "src"), "-ts", str(ts)],
            check=True, stderr=subprocess.DEVNULL)
        for message in tree.parse(ts).getroot().iter("message"):
            key = (message.find("source").text or "", message.findtext("comment") or "")
            out[key] = message.get("numerus") == "yes"
    # Where one macro stands within another's call, lupdate misses it.
    for path in (root / "src").rglob("*.cpp"):
        for literals in re.findall(r'TR_NOOP\(\s*((?:"(?:[^"\\]|\\.)*"\s*)+)\)', path.read_text()):
            text = "".join(json.loads(one) for one in re.findall(r'"(?:[^"\\]|\\.)*"', literals))
            if text:
                out.setdefault((text, ""), False)
    for table, keys in said.items():
        def walk(what, key):
            if isinstance(what, dict):
                for k, v in what.items():
                    walk(v, k)
            elif isinstance(what, list):
                for v in what:
                    walk(v, key)
            elif isinstance(what, str) and what and key in keys:
                out.setdefault((what, ""), False)
        walk(json.loads((root / "data/knowledge" / f"{table}.json").read_text()), "")
    return out


def read(language):
    path = root / "i18n" / f"{language}.ts"
    out = {}
    if not path.exists():
        return out
    for message in tree.parse(path).getroot().iter("message"):
        key = (message.find("source").text or "", message.findtext("comment") or "")
        translation = message.find("translation")
        forms = [f.text or "" for f in translation.findall("numerusform")] or [translation.text or ""]
        out[key] = forms if translation.get("type") is None else None
    return out


def write(language, texts, numerus):
    top = tree.Element("TS", version="2.1", language=language, sourcelanguage="en_US")
    context = tree.SubElement(top, "context")
    tree.SubElement(context, "name").text = "text"
    for (source, comment), forms in sorted(texts.items()):
        message = tree.SubElement(context, "message")
        if numerus[source, comment]:
            message.set("numerus", "yes")
        tree.SubElement(message, "source").text = source
        if comment:
            tree.SubElement(message, "comment").text = comment
        translation = tree.SubElement(message, "translation")
        if not forms or not all(forms):
            translation.set("type", "unfinished")
            forms = forms or [""]
        if numerus[source, comment]:
            for form in forms if len(forms) > 1 else forms * 2:
                tree.SubElement(translation, "numerusform").text = form
        else:
            translation.text = forms[0]
    tree.indent(top)
    path = root / "i18n" / f"{language}.ts"
    path.parent.mkdir(exist_ok=True)
    body = tree.tostring(top, encoding="unicode")
    path.write_text(f'<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n{body}\n')


def english(texts):
    return {k: [k[1] or k[0], k[0]] for k, many in texts.items() if many}


def british_of(texts):
    return {k: [in_british(k[1] or k[0]), in_british(k[0])] if many else [in_british(k[0])]
            for k, many in texts.items()}


def update():
    texts = found()
    write("en", english(texts), texts)
    write("en_GB", british_of(texts), texts)
    known = read("de")
    write("de", {k: known.get(k) or [""] for k in texts}, texts)
    missing = sum(1 for k in texts if not known.get(k))
    print(f"{len(texts)} texts, {missing} without German, {len(set(known) - set(texts))} said no more")


def holes(text):
    """What a text leaves open, and its marks of form: a translation has the same."""
    return sorted(re.findall(r"%L?\d|\{\d\}|⟨/?[a-z]+⟩", text))


def check():
    texts = found()
    wrong = []
    for language, wanted in (("en", english(texts)), ("en_GB", british_of(texts)), ("de", None)):
        known = read(language)
        for key in (wanted or texts):
            forms = known.get(key)
            if not forms or not all(forms):
                wrong.append(f"{language}: no translation of “{key[0]}”")
            elif wanted and forms != wanted[key]:
                wrong.append(f"{language}: not as tools/texts.py update makes it: “{key[0]}”")
            else:
                for form in forms:
                    if holes(form) != holes(key[0]):
                        wrong.append(f"{language}: “{form}” does not leave open what “{key[0]}” does")
                    if (form[:1] == " ", form[-1:] == " ") != (key[0][:1] == " ", key[0][-1:] == " "):
                        wrong.append(f"{language}: a space is lost at an end of “{form}”")
        for key in set(known) - set(wanted or texts):
            wrong.append(f"{language}: said nowhere any more: “{key[0]}”")
    for line in wrong[:40]:
        print(line)
    print(f"{len(texts)} texts, {sum(texts.values())} of them by number; {len(wrong)} wrong")
    return 1 if wrong else 0


if __name__ == "__main__":
    if sys.argv[1:] == ["update"]:
        update()
    elif sys.argv[1:] == ["check"]:
        sys.exit(check())
    else:
        sys.exit(__doc__)
