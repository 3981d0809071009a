#!/usr/bin/env python3
"""Whether fairchalk-cli's answers, and what it exports, are as their schemas say.

    tools/valid_answers.py CLI [JOB.json ...]

Without jobs: those of the demo and the examples. Each is asked about after every one of its log's entries, as
it is, with a card that does not say which side adjusters run, and with targets that all cars meet or none: so
every stage of the work is met. Exit 1 where an answer is not valid.
SPDX-License-Identifier: GPL-3.0-or-later
"""
import json
import pathlib
import subprocess
import sys
import tempfile

import jsonschema

ROOT = pathlib.Path(__file__).resolve().parent.parent


def as_it_is(entry):
    pass


def silent(entry):
    for adjuster in entry.get("car", {}).get("adjusters", []):
        adjuster.pop("rod", None)


def with_band(band):
    def edit(entry):
        def walk(node):
            for key, value in node.items():
                if isinstance(value, dict):
                    walk(value)
                elif key in ("minus", "plus"):
                    node[key] = band

        walk(entry.get("targets", {}))

    return edit


def main():
    cli = sys.argv[1]
    answers = json.loads((ROOT / "docs/answers.schema.json").read_text())
    job_file = jsonschema.Draft202012Validator(json.loads((ROOT / "docs/job-file.schema.json").read_text()))
    validators = {
        which: jsonschema.Draft202012Validator({**answers, "$ref": f"#/$defs/{which}"}) for which in ("solve", "plan", "list", "history", "merge")
    }
    jobs = [pathlib.Path(p) for p in sys.argv[2:]]
    if not jobs:
        jobs = sorted([*(ROOT / "data/demo").glob("*.json"), *(ROOT / "data/demo/season").glob("tarnby*1.json"), *(ROOT / "data/examples").glob("*.json")])
    asked, wrong, steps = 0, 0, set()
    with tempfile.TemporaryDirectory() as folder:
        part = pathlib.Path(folder) / "job.json"
        for job in jobs:
            whole = subprocess.run([cli, "export", str(job), "--as", "full"], capture_output=True, text=True, check=True)
            full = json.loads(whole.stdout)
            for problem in job_file.iter_errors(full):
                wrong += 1
                print(f"{job.name}, exported: {problem.json_path}: {problem.message}")
            logs = []
            for edit in (as_it_is, silent, with_band("4 deg"), with_band("0.001 deg")):
                log = json.loads(json.dumps(full["log"]))
                for entry in log:
                    edit(entry)
                logs += [log[:n] for n in range(1, len(log) + 1)]
            for log in logs:
                n = len(log)
                part.write_text(json.dumps({**full, "log": log}))
                for which in ("solve", "plan"):
                    validator = validators[which]
                    said = subprocess.run([cli, which, str(part)], capture_output=True, text=True, check=False)
                    if said.returncode:
                        wrong += 1
                        print(f"{job.name}, {n} entries, {which}: {said.stderr.strip()}")
                        continue
                    asked += 1
                    answer = json.loads(said.stdout)
                    steps.add(answer.get("next"))
                    for problem in validator.iter_errors(answer):
                        wrong += 1
                        print(f"{job.name}, {n} entries, {which}: {problem.json_path}: {problem.message[:200]}")
        # Of books: one of all seasons, and another that it is merged into.
        books = [str(pathlib.Path(folder) / name) for name in ("all.fairchalk", "one.fairchalk")]
        seasons = sorted((ROOT / "data/demo/season").glob("*.json"))
        for book, files in ((books[0], seasons), (books[1], seasons[:1])):
            for file in files:
                subprocess.run([cli, "import", str(file), "--book", book, "--new"], capture_output=True, check=True)
        cars = json.loads(subprocess.run([cli, "list", books[0]], capture_output=True, check=True).stdout)["cars"]
        calls = [["list", books[0]], ["merge", books[0], "--into", books[1]]]
        calls += [["history", books[0], "--car", car["name"]] for car in cars]
        for call in calls:
            said = subprocess.run([cli, *call], capture_output=True, text=True, check=True)
            asked += 1
            for problem in validators[call[0]].iter_errors(json.loads(said.stdout)):
                wrong += 1
                print(f"{call[0]}: {problem.json_path}: {problem.message[:200]}")
    print(f"{asked} answers, {wrong} not as their schema says; next steps met: {sorted(s for s in steps if s)}")
    return 1 if wrong else 0


if __name__ == "__main__":
    sys.exit(main())
