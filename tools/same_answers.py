#!/usr/bin/env python3
"""Whether two builds of fairchalk-cli give the same answers.

    tools/same_answers.py BEFORE AFTER [--cars N]

Asks both for `solve` and `plan` of each job file of the demo and the examples, and for the table of the
quick proving set, and shows what differs. Exit 1 where anything does.
SPDX-License-Identifier: GPL-3.0-or-later
"""
import argparse
import difflib
import pathlib
import re
import subprocess
import sys

UUID = re.compile(r"[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}")  # made anew where a file gives no id
ROOT = pathlib.Path(__file__).resolve().parent.parent


def said(program, *arguments):
    done = subprocess.run([program, *arguments], capture_output=True, text=True, check=False)
    ids = {}
    text = UUID.sub(lambda m: ids.setdefault(m[0], f"id {len(ids)}"), done.stdout)
    return f"exit {done.returncode}\n{text}{done.stderr if done.returncode else ''}"


def main():
    parser = argparse.ArgumentParser(description=__doc__.splitlines()[0])
    parser.add_argument("before")
    parser.add_argument("after")
    parser.add_argument("--cars", default="8", help="cars in each cell of the quick proving set; 0 leaves it out")
    args = parser.parse_args()
    jobs = sorted([*(ROOT / "data/demo").glob("*.json"), *(ROOT / "data/examples").glob("*.json")])
    questions = [[command, str(job)] for job in jobs for command in ("solve", "plan")]
    if args.cars != "0":
        questions.append(["practice", "prove", "--cells", "quick", "--cars", args.cars, "--seed", "1", "--notes"])
    differ = 0
    for question in questions:
        before, after = (said(program, *question) for program in (args.before, args.after))
        if before == after:
            continue
        differ += 1
        print(*question)
        print("\n".join(list(difflib.unified_diff(before.splitlines(), after.splitlines(), lineterm=""))[:40]))
    print(f"{len(questions) - differ} of {len(questions)} answers are the same")
    return 1 if differ else 0


if __name__ == "__main__":
    sys.exit(main())
