#!/usr/bin/env python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Kills the desk with SIGKILL in the middle of typing, many times, and looks that nothing shown as kept is lost.

The desk is driven by --type: it types readings for ever, and prints a line for each that its window shows as kept.
In every second run the book is moved away meanwhile, so that entries wait in the queue; it is killed then, or after
the book was put back. After each kill every reading shown as kept must be in the book, and the book must pass
SQLite's integrity check.

usage: kill_test.py DESK CLI DEMO_JOB.json [TIMES]
"""
import os, random, select, signal, sqlite3, subprocess, sys, tempfile, time

desk, cli, job = sys.argv[1:4]
times = int(sys.argv[4]) if len(sys.argv) > 4 else 100
random.seed(1)
env = dict(os.environ, QT_QPA_PLATFORM=os.environ.get("QT_QPA_PLATFORM", "offscreen"))
kept_in_all = waited = 0
with tempfile.TemporaryDirectory() as folder:
    env["XDG_STATE_HOME"] = os.path.join(folder, "state")
    book = os.path.join(folder, "garage.fairchalk")
    subprocess.run([cli, "import", job, "--book", book], check=True, stdout=subprocess.DEVNULL)
    for n in range(times):
        p = subprocess.Popen([desk, "--type", book], stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, env=env)
        deadline = time.monotonic() + 20
        out = b""
        # Wait for the first reading to be kept, then kill at a random moment.
        while b"\n" not in out and time.monotonic() < deadline:
            if select.select([p.stdout], [], [], 0.1)[0]:
                out += os.read(p.stdout.fileno(), 65536)
        time.sleep(random.uniform(0.0, 0.15))
        if n % 2:
            # What is moved is the file alone: its log beside it stays, and is found again with it.
            os.rename(book, book + ".away")
            time.sleep(random.uniform(0.05, 0.3))
            waited += 1
            if n % 4 == 1:
                os.rename(book + ".away", book)
                time.sleep(random.uniform(0.0, 2.3))
        p.send_signal(signal.SIGKILL)
        p.wait()
        while chunk := os.read(p.stdout.fileno(), 65536):
            out += chunk
        p.stdout.close()
        if os.path.exists(book + ".away"):
            os.rename(book + ".away", book)
        # Only whole lines: a line cut by the kill was not shown.
        shown = [l.decode() for l in out.split(b"\n")[:-1]]
        if not shown:
            sys.exit(f"run {n}: the desk kept nothing within 20 s")
        db = sqlite3.connect(book)
        ok = db.execute("PRAGMA integrity_check").fetchone()[0]
        ids = {r[0] for r in db.execute("SELECT id FROM entry")}
        db.close()
        lost = [s for s in shown if s not in ids]
        if ok != "ok" or lost:
            sys.exit(f"run {n}: integrity {ok}, lost {lost}")
        kept_in_all += len(shown)
print(f"{times} kills, {waited} of them with entries waiting or gone in late, {kept_in_all} readings shown as kept, none lost, integrity ok")
