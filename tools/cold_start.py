#!/usr/bin/env python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Start to first paint of the desk against an empty Qt Widgets window, started in turn, as a ratio of medians.

cold_start.py DESK EMPTY BOOK [RUNS]      (20 runs of each by default; run it under a display, or xvfb-run)
"""
import statistics
import subprocess
import sys
import time

if len(sys.argv) < 4:
    sys.exit(__doc__)
desk, empty, book = sys.argv[1:4]
runs = int(sys.argv[4]) if len(sys.argv) > 4 else 20
commands = {"desk": [desk, "--first-paint", book], "empty": [empty]}
took = {name: [] for name in commands}
for _ in range(runs):
    for name, command in commands.items():
        begun = time.perf_counter()
        subprocess.run(command, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, check=True)
        took[name].append(1000 * (time.perf_counter() - begun))
median = {name: statistics.median(t) for name, t in took.items()}
print(f"cold start to first paint: desk {median['desk']:.0f} ms, empty window {median['empty']:.0f} ms, "
      f"ratio {median['desk'] / median['empty']:.2f} (medians of {runs})")
