#!/usr/bin/env python3
"""What the layers may include, and how the files are written. Prints each breach as path:line and exits 1.

    app -> audio, store -> core;  cli -> store, core;  core knows nobody, and inside it runs
    units <- drum <- acoustics <- tap <- reading <- tuning, wires, muffling <- preview, procedure, faults, log <- life, record <- practice
"""
import pathlib
import re
import shutil
import subprocess
import sys

root = pathlib.Path(sys.argv[1])
LAYERS = {"core": {"core"}, "store": {"store", "core"}, "audio": {"audio", "core"}, "cli": {"cli", "store", "core"},
          "app": {"app", "audio", "store", "core"}}
RANK = {"units": 0, "dense": 0, "drum": 1, "acoustics": 2, "tap": 3, "reading": 4, "tuning": 5, "wires": 5, "muffling": 5,
        "preview": 6, "procedure": 6, "faults": 6, "log": 6, "life": 7, "record": 8, "practice": 9}
CORE_FORBIDDEN = re.compile(r"#include\s*<(Q|chrono|ctime|cstdlib|filesystem|thread)|\bgetenv\b|system_clock|steady_clock")
breaches = []


def breach(path, number, text):
    breaches.append(f"{path.relative_to(root)}:{number}: {text}")


for path in sorted((root / "src").rglob("*")):
    if path.suffix not in (".h", ".cpp"):
        continue
    layer, folder = path.relative_to(root / "src").parts[:2]
    lines = path.read_text().splitlines()
    if path.suffix == ".h" and "#pragma once" not in lines:
        breach(path, 1, "header without #pragma once")
    for number, line in enumerate(lines, 1):
        if layer == "core" and CORE_FORBIDDEN.search(line):
            breach(path, number, "core includes no Qt, clock, environment or thread")
        found = re.match(r'#include "([a-z_]+)/(?:([a-z_]+)/)?', line)
        if not found:
            continue
        other, inside = found.groups()
        if other not in LAYERS[layer]:
            breach(path, number, f"{layer} may not include {other}")
        elif layer == "core" and RANK[inside] > RANK[folder]:
            breach(path, number, f"core/{folder} may not include core/{inside}")

# Eigen's decompositions are built once, in core/dense; and what a session needs reads none of its headers: both cost
# minutes of compiling in every file that does.
for path in sorted((root / "src").rglob("*.[hc]*")):
    if path.parent.name == "dense" or path.suffix not in (".h", ".cpp"):
        continue
    for number, line in enumerate(path.read_text().splitlines(), 1):
        if re.match(r"#include <Eigen/(Dense|Eigenvalues|QR|SVD)>", line):
            breach(path, number, "decompositions come from core/dense/dense.h")
seen, waiting = set(), [(root / "src/core/record/session.h", "")]
while waiting:
    path, by = waiting.pop()
    if path in seen or not path.is_file():
        continue
    seen.add(path)
    for number, line in enumerate(path.read_text().splitlines(), 1):
        if line.startswith("#include <Eigen"):
            breach(path, number, f"session.h reads Eigen by way of {by}")
        if found := re.match(r'#include "(core/[^"]+)"', line):
            waiting.append((root / "src" / found[1], str(path.relative_to(root))))

sources = [str(p) for top in ("src", "tests", "bench") for p in (root / top).rglob("*") if p.suffix in (".h", ".cpp")]
if shutil.which("clang-format"):
    run = subprocess.run(["clang-format", "--dry-run", "--Werror", "-style=file", *sources], capture_output=True, text=True, cwd=root)
    breaches += [line for line in run.stderr.splitlines() if "error:" in line]
else:
    breaches.append("clang-format is not installed; ./test.sh installs it")

for line in breaches:
    print(line)
print(f"{len(sources)} files looked at, {len(breaches)} breach(es)")
sys.exit(1 if breaches else 0)
