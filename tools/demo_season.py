#!/usr/bin/env python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Writes the seasons of the demo cars, all of them invented: the jobs before the one that lies open.

    tools/demo_season.py build/release/fairchalk-cli

Each begins with the readings of the car's open job, with wheels toed and leaned elsewhere. Where a shop's sheet
belongs to a job, the program says what the car was, and the sheet is that, a shop's scatter and a tenth of a
degree of camber further in: this garage's gauge is off. The same numbers every time.
"""
import copy
import json
import math
import random
import subprocess
import sys
import tempfile

CLI = sys.argv[1]
DEMO = "data/demo/"
random.seed(1907)

STRING_WALK = [("rim-rear", "rear-left"), ("hub", "rear-left"), ("rim-front", "rear-left"), ("rim-rear", "front-left"),
               ("hub", "front-left"), ("rim-front", "front-left"), ("string-to-string", "front"),
               ("rim-front", "front-right"), ("hub", "front-right"), ("rim-rear", "front-right"),
               ("rim-front", "rear-right"), ("hub", "rear-right"), ("rim-rear", "rear-right"),
               ("string-to-string", "rear")]
WHEELS = ["front-left", "front-right", "rear-left", "rear-right"]


def mm(text):
    """Millimetres of `6 19/32 in` or `137 mm`."""
    number, unit = text.rsplit(" ", 1)
    total = sum(eval(part) for part in number.split())  # our own files only: digits and a slash
    return total * (25.4 if unit == "in" else 1.0)


def rule(value, division, inches):
    if not inches:
        return f"{round(value / division) * division:g} mm"
    n = round(value / 25.4 * 64)
    whole, rest = divmod(n, 64)
    if rest == 0:
        return f"{whole} in"
    k = math.gcd(rest, 64)
    return f"{whole} {rest // k}/{64 // k} in"


class Car:
    def __init__(self, name, base, span, tool, division=0.5, inches=False):
        self.job = json.load(open(f"{DEMO}{name}.json"))
        self.name, self.base, self.span = name, base, span
        self.tool, self.division, self.inches = tool, division, inches
        self.jobs = []

    def strings(self, toe):
        """A round: base readings with each wheel toed in by `toe` degrees more."""
        out = []
        for (kind, where), value in zip(STRING_WALK, self.base):
            d = 0.0
            if kind.startswith("rim"):
                # Toed in, the front lip goes away from the string, and the rear one to it.
                d = math.sin(math.radians(toe.get(where, 0.0))) * self.span / 2 * (1 if kind == "rim-front" else -1)
            noise = random.gauss(0, 0.2)
            out.append({"kind": kind, ("bar" if kind == "string-to-string" else "wheel"): where,
                        "value": rule(value + d + noise, self.division, self.inches), "tool": self.tool})
        return out

    def add(self, title, day, entries):
        at = 0
        log = []
        for e in entries:
            at += 1
            log.append({"at": f"{day}T{9 + at // 60:02d}:{at % 60:02d}:00Z", **e})
        job = {"format": "fairchalk-job", "version": 1, "title": title, "car": copy.deepcopy(self.job["car"]),
               "targets": copy.deepcopy(self.job["targets"]), "log": log}
        self.jobs.append(job)
        path = f"{DEMO}season/{self.name}-{len(self.jobs)}.json"
        json.dump(job, open(path, "w"), indent=1, ensure_ascii=False)
        open(path, "a").write("\n")
        return job


def solved(job):
    with tempfile.NamedTemporaryFile("w", suffix=".json") as f:
        json.dump(job, f)
        f.flush()
        return json.loads(subprocess.run([CLI, "solve", f.name], check=True, capture_output=True).stdout)


def sheet(job, when, camber_off):
    """What a shop prints of the car as the job left it."""
    answer = solved(job)
    angles = {}
    for wheel, a in answer["wheels"].items():
        for measure, scatter, off in (("toe", 0.02, 0.0), ("camber", 0.03, camber_off)):
            if a.get(measure, {}).get("known", "deg" in a.get(measure, {})) and "deg" in a[measure]:
                angles.setdefault(wheel, {})[measure] = f"{a[measure]['deg'] + off + random.gauss(0, scatter):.2f} deg"
    return {"kind": "shop-sheet", "when": when, "where": "Sallow Wharf Tires", "angles": angles}


def camber(values, tool="digital-angle-gauge"):
    return [{"kind": "camber", "wheel": w, "value": f"{v:.1f} deg", "tool": tool} for w, v in values.items()]


def tread(depths):
    return [{"kind": "tread-depth", "wheel": w, "place": p, "value": f"{d:.1f} mm"}
            for w, three in depths.items() for p, d in zip(("outer", "middle", "inner"), three)]


def warm(degrees):
    return [{"kind": "tire-temperature", "wheel": w, "place": p, "value": f"{d:.0f} C"}
            for w, three in degrees.items() for p, d in zip(("outer", "middle", "inner"), three)]


ROUND = {"kind": "round"}

# Tarnby estate: bought, hit a kerb, checked in spring; then came the new rack.
bars = {"kind": "round", "bars": {"front_ahead": "535 mm", "rear_behind": "600 mm"}}
tarnby = Car("tarnby-estate", [103, 99.3, 107.5, 119, 113, 119.5, 1682, 101.5, 95.5, 102, 115.5, 110, 117, 1674], 416,
             "steel-rule-mm")
turn = math.degrees(math.asin(1.5 / 132))
start = {"front-left": 0.42, "front-right": 0.22}
good = {"front-left": 0.42 - 0.75 * turn, "front-right": 0.22}
bent = {"front-left": good["front-left"] - 0.55, "front-right": 0.22}
lean = {"front-left": -0.5, "front-right": -0.6, "rear-left": -1.0, "rear-right": -1.1}
bent_lean = {**lean, "front-left": -1.1}
one = tarnby.add("As it was bought", "2025-09-13", [
    bars, {"kind": "asked", "reasons": ["checking"], "note": "bought at 128 400 km"},
    *tread({"front-left": (6.4, 6.4, 6.3), "front-right": (6.3, 6.4, 6.3), "rear-left": (5.1, 5.2, 5.1),
            "rear-right": (5.2, 5.2, 5.1)}),
    *tarnby.strings(start), *camber(lean), {"kind": "turn", "adjuster": "rod-fl", "amount": "3/4 turn", "way": "shorter",
                                            "as_written": True},
    {"kind": "settled", "how": "rolled"}, ROUND, *tarnby.strings(good), *camber(lean), {"kind": "locked"},
    {"kind": "drive", "wheel_off": "1 deg left", "pulls": "no"}, {"kind": "odometer", "reads": "128 400 km"},
    {"kind": "look-again", "when": "3000 km", "why": "to see whether it stays"}])
tarnby.add("After the kerb", "2025-12-06", [
    sheet(one, "before", -0.1), bars, {"kind": "asked", "reasons": ["hit-kerb"], "note": "left front, in the wet"},
    {"kind": "odometer", "reads": "131 250 km"}, *tarnby.strings(bent), *camber(bent_lean),
    {"kind": "drive", "wheel_off": "6 deg left", "pulls": "left", "note": "home and no further"}])
two = tarnby.add("New lower arm", "2025-12-20", [
    bars, {"kind": "asked", "reasons": ["suspension-parts"], "note": "left front lower arm, a new one"},
    *tarnby.strings({**good, "front-left": good["front-left"] + 0.1}), *camber(lean), {"kind": "locked"},
    {"kind": "drive", "wheel_off": "2 deg left", "pulls": "no", "note": "straight again"},
    {"kind": "look-again", "when": "500 km", "why": "the new arm's bushes settle"}])
tarnby.add("Spring check", "2026-03-14", [
    sheet(two, "before", -0.1), bars, {"kind": "asked", "reasons": ["checking"]}, {"kind": "odometer", "reads": "134 900 km"},
    *tread({"front-left": (5.6, 5.4, 4.6), "front-right": (5.3, 5.4, 5.3), "rear-left": (4.8, 4.9, 4.8),
            "rear-right": (4.9, 4.9, 4.8)}),
    *tarnby.strings({**good, "front-left": good["front-left"] + 0.12}), *camber(lean),
    {"kind": "look-again", "when": "2026-09-15", "why": "before the winter"}])

# Brask hillclimb special: looked at every week; the left front goes out bit by bit.
vernier = [131.5, 107, 131, 137, 114, 135, 1623, 151, 128.5, 150, 126.5, 101, 124, 1617]
brask = Car("brask-hillclimb", vernier, 352, "vernier", 0.1)
brask_bars = {"kind": "round", "bars": {"front_ahead": "480 mm", "rear_behind": "520 mm"}}
for week, day in enumerate(["2026-03-07", "2026-03-14", "2026-03-21", "2026-03-28", "2026-04-04", "2026-04-11"]):
    out = {"front-left": 0.5 - 0.075 * week, "front-right": 0.02}
    log = [brask_bars, {"kind": "asked", "reasons": ["checking"]}, *brask.strings(out),
           *camber({"front-left": -1.9, "front-right": -1.2}, "bubble-gauge")]
    if week in (1, 3, 5):
        log += warm({"front-left": (64, 72, 81), "front-right": (66, 71, 76), "rear-left": (70, 71, 72),
                     "rear-right": (69, 71, 71)})
    if week == 5:
        log.append({"kind": "look-again", "when": "after contact", "why": "the left front drifts: its lower bushes"})
    brask.add(f"Week {week + 1}", day, log)

# Ollerby pickup: in inches, once a year.
inch = [mm(v) for v in ["6 19/32 in", "4 7/8 in", "6 5/8 in", "6 15/32 in", "4 31/32 in", "6 19/32 in", "74 1/4 in",
                        "6 13/16 in", "5 1/8 in", "6 19/32 in", "6 5/16 in", "4 17/32 in", "6 3/16 in", "72 5/8 in"]]
ollerby = Car("ollerby-pickup", inch, 17 * 25.4, "steel-rule-inch", inches=True)
ollerby_bars = {"kind": "round", "bars": {"front_ahead": "24 in", "rear_behind": "26 in"}}
ollerby.add("New front tires", "2025-04-05", [
    ollerby_bars, {"kind": "asked", "reasons": ["wheels-tires"]}, {"kind": "odometer", "reads": "61 200 mi"},
    *tread({"front-left": (9.5, 9.5, 9.5), "front-right": (9.5, 9.5, 9.5)}), *ollerby.strings({"front-left": -0.2}),
    {"kind": "look-again", "when": "3000 mi", "why": "wear of the new tires"}])
ollerby.add("Tires looked at", "2025-11-15", [
    {"kind": "asked", "reasons": ["wear-one-edge"]}, {"kind": "odometer", "reads": "64 350 mi"},
    *tread({"front-left": (7.4, 8.1, 8.4), "front-right": (7.5, 8.1, 8.4)}),
    {"kind": "look-again", "when": "2026-12-20", "why": "toe, by what the tires say"}])
