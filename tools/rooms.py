#!/usr/bin/env python3
"""Whether each room of src/core uses only those before it.

    tools/rooms.py BUILD

Reads the compiler's own dependency files of a build in which each source is compiled alone (preset `dev`).
Exit 1 where a room reaches a later one, however indirectly. docs/layout.md says what each room holds.
SPDX-License-Identifier: GPL-3.0-or-later
"""
import pathlib
import re
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


def main():
    said = subprocess.run(["ninja", "-C", sys.argv[1], "-t", "deps"], capture_output=True, text=True, check=True)
    seen, wrong = set(), set()
    for block in said.stdout.split("\n\n"):
        lines = block.strip().splitlines()
        if not lines or "fairchalk_core.dir" not in lines[0]:
            continue
        files = [re.sub(r"^\s+", "", line) for line in lines[1:]]
        own = room_of(files[0])
        seen.add(own)
        for f in files[1:]:
            room = room_of(f)
            if room and ROOMS.index(room) > ROOMS.index(own):
                wrong.add(f"{pathlib.Path(files[0]).name}, in {own}, reaches {f} in {room}")
    for line in sorted(wrong):
        print(line)
    unseen = [room for room in ROOMS if room not in seen]
    if unseen:
        print("not compiled there:", ", ".join(unseen))
    return 1 if wrong or unseen else 0


if __name__ == "__main__":
    sys.exit(main())
