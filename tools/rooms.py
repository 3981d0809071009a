#!/usr/bin/env python3
"""Whether each source of src/core compiles by itself, and each room uses only those before it.

    tools/rooms.py BUILD

Reads BUILD/compile_commands.json of a build in which each source stands alone (preset `dev`), and lets the
compiler check each and say what it includes; no code is made. Exit 1 where a source does not compile, or a
room reaches a later one, however indirectly. docs/layout.md says what each room holds.
SPDX-License-Identifier: GPL-3.0-or-later
"""
import concurrent.futures
import json
import os
import pathlib
import re
import shlex
import subprocess
import sys

ROOMS = ["quantity", "car", "reading", "job", "network", "judge", "advice", "analysis"]
ROOT = pathlib.Path(__file__).resolve().parent.parent


def room_of(path):
    """The room of a file of the core, or None."""
    parts = pathlib.Path(path).parts
    if "core" not in parts or "src" not in parts or "tests" in parts:
        return None
    at = parts[parts.index("core") + 1]
    return pathlib.Path(at).stem if at.startswith("analysis.") else at


def included(command):
    """What one source includes, itself first; None where it does not compile."""
    words = shlex.split(command["command"])
    out = words.index("-o")
    del words[out:out + 2]
    words.remove("-c")
    said = subprocess.run(words + ["-fsyntax-only", "-MMD", "-MF", "/dev/stdout"], cwd=command["directory"],
                          env=dict(os.environ, CCACHE_DISABLE="1"), stdout=subprocess.PIPE, text=True)
    return None if said.returncode else re.sub(r"\\\n", " ", said.stdout).split(":", 1)[1].split()


def main():
    commands = json.loads((pathlib.Path(sys.argv[1]) / "compile_commands.json").read_text())
    commands = [c for c in commands if room_of(c["file"])]
    seen, wrong = set(), set()
    with concurrent.futures.ThreadPoolExecutor(os.cpu_count()) as pool:
        for command, files in zip(commands, pool.map(included, commands)):
            own = room_of(command["file"])
            seen.add(own)
            if files is None:
                wrong.add(f"{command['file']} does not compile by itself")
            for room, f in ((room_of(f), f) for f in files or []):
                if room and ROOMS.index(room) > ROOMS.index(own):
                    wrong.add(f"{pathlib.Path(command['file']).name}, in {own}, reaches {f} in {room}")
    for line in sorted(wrong):
        print(line)
    unseen = [room for room in ROOMS if room not in seen]
    if unseen:
        print("not compiled there:", ", ".join(unseen))
    return 1 if wrong or unseen else 0


if __name__ == "__main__":
    sys.exit(main())
