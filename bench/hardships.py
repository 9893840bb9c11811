#!/usr/bin/env python3
"""What a workbook has to bear: kills in the middle of writes, several writers at once, a full disk.

    bench/hardships.py BUILD kills 1000       kills a writer at a random moment, then looks what is there
    bench/hardships.py BUILD demos 1000       kills the making of the demo
    bench/hardships.py BUILD writers 50       four writers on one workbook
    bench/hardships.py BUILD full 100         the disk fills up at a random size

BUILD is a folder such as build/release. Prints what was lost or left over; ends with 1 if anything was.
"""
import json
import os
import random
import resource
import shutil
import signal
import subprocess
import sys
import tempfile
import time

BUILD, WHAT, TIMES = sys.argv[1], sys.argv[2], int(sys.argv[3])
CLI = os.path.join(BUILD, "src/cli/bombo-cli")
FOLDER = tempfile.mkdtemp(prefix="hardships-")
BOOK = os.path.join(FOLDER, "book.bombo")
os.environ["QT_QPA_PLATFORM"] = "offscreen"


def cli(*words, text=None, limit=None):
    def lower():
        if limit:
            signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
            resource.setrlimit(resource.RLIMIT_FSIZE, (limit, limit))

    return subprocess.run([CLI, *words], input=text, capture_output=True, text=True, preexec_fn=lower)


def save(note, limit=None):
    setup = {"drum": "plover", "tone": "chase", "setup": {"note": note}}
    return cli("--workbook", BOOK, "log", "--save", text=json.dumps(setup), limit=limit)


def notes():
    listed = cli("--workbook", BOOK, "log")
    if listed.returncode != 0:
        return None
    return [entry["setup"].get("note") for entry in json.loads(listed.stdout)]


def leftovers():
    return [name for name in os.listdir(FOLDER) if name.endswith(".making")]


def kills():
    """One process saves after the other and says so; it is killed, and what it said must be there."""
    cli("demo", BOOK)
    lost = broken = 0
    said = []
    for turn in range(TIMES):
        words = f"for i in 1 2 3 4; do printf '%s' '{{\"drum\":\"plover\",\"tone\":\"chase\",\"setup\":{{\"note\":\"'{turn}-$i'\"}}}}'" \
                f" | {CLI} --workbook {BOOK} log --save >/dev/null && echo {turn}-$i; done"
        child = subprocess.Popen(["bash", "-c", words], stdout=subprocess.PIPE, text=True, start_new_session=True)
        time.sleep(random.uniform(0.005, 0.25))
        os.killpg(child.pid, signal.SIGKILL)
        said += child.communicate()[0].split()
    there = notes()
    if there is None:
        broken = 1
    else:
        lost = len(set(said) - set(there))
    return {"kills": TIMES, "acknowledged": len(said), "lost": lost, "unreadable": broken, "left over": leftovers()}


def demos():
    """Whatever the moment, there is a whole demo or none."""
    half = made = 0
    for _ in range(TIMES):
        if os.path.exists(BOOK):
            os.remove(BOOK)
        child = subprocess.Popen([CLI, "demo", BOOK], stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        time.sleep(random.uniform(0.0, 0.35))
        child.kill()
        child.wait()
        if os.path.exists(BOOK):
            made += 1
            listed = notes()
            half += listed is None or len(listed) < 12
    return {"kills": TIMES, "made": made, "lost": half}


def writers():
    cli("demo", BOOK)
    lost = refused = 0
    for turn in range(TIMES):
        children = []
        for one in range(4):
            setup = json.dumps({"drum": "plover", "tone": "chase", "setup": {"note": f"{turn}/{one}"}})
            child = subprocess.Popen([CLI, "--workbook", BOOK, "log", "--save"], stdin=subprocess.PIPE,
                                     stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, text=True)
            child.stdin.write(setup)
            child.stdin.close()
            children.append(child)
        codes = [child.wait() for child in children]
        there = notes() or []
        refused += sum(code != 0 for code in codes)
        lost += sum(code == 0 and f"{turn}/{one}" not in there for one, code in enumerate(codes))
    return {"saves": 4 * TIMES, "refused": refused, "lost": lost}


def full():
    """The file may grow to a random size: what was said to be saved is there, the rest is refused with its reason."""
    lost = unclear = refused = 0
    for turn in range(TIMES):
        for name in os.listdir(FOLDER):
            os.remove(os.path.join(FOLDER, name))
        cli("demo", BOOK)
        size = os.path.getsize(BOOK)
        said = []
        for number in range(12):
            note = f"{turn}-{number} " + "n" * random.randrange(20000)
            done = save(note, limit=random.randrange(size // 4, size + 90000))
            if done.returncode == 0:
                said.append(note)
            else:
                refused += 1
                unclear += "disk" not in done.stderr
        there = notes()
        lost += TIMES if there is None else len(set(said) - set(there))
    return {"rounds": TIMES, "refused": refused, "refused without saying disk": unclear, "lost": lost, "left over": leftovers()}


found = {"kills": kills, "demos": demos, "writers": writers, "full": full}[WHAT]()
shutil.rmtree(FOLDER)
print(json.dumps(found))
sys.exit(1 if found["lost"] or found.get("unreadable") or found.get("left over") else 0)
