#!/usr/bin/env python3
"""What is exported fits docs/schema, and what does not fit is refused by the schema: check.py BOMBO-CLI ROOT."""
import copy
import json
import pathlib
import subprocess
import sys
import tempfile

import jsonschema

cli, root = sys.argv[1], pathlib.Path(sys.argv[2])
schema = json.loads((root / "docs/schema/parcel.schema.json").read_text())
jsonschema.Draft7Validator.check_schema(schema)
validator = jsonschema.Draft7Validator(schema)


def run(*words):
    subprocess.run([cli, *words], check=True, capture_output=True)


with tempfile.TemporaryDirectory() as folder:
    book, file = f"{folder}/demo.bombo", f"{folder}/demo.json"
    run("demo", book)
    run("--workbook", book, "log", "export", file)
    parcel = json.loads(pathlib.Path(file).read_text())

failures = [f"{list(error.path)}: {error.message}" for error in validator.iter_errors(parcel)]
if len(parcel["entries"]) < 40 or len(parcel["drums"]) != 3:
    failures.append("the demo's logbook is not all there")


def must_refuse(what, change):
    wrong = copy.deepcopy(parcel)
    change(wrong)
    if validator.is_valid(wrong):
        failures.append(f"the schema lets through: {what}")


must_refuse("another format", lambda p: p.update(format="other"))
must_refuse("a newer version", lambda p: p.update(version=2))
must_refuse("an entry without a time", lambda p: p["entries"][0].pop("saved_at"))
must_refuse("six stars", lambda p: p["entries"][0]["setup"].update(stars=6))
must_refuse("a pitch below nothing", lambda p: p["entries"][0]["setup"]["batter"].update(measured_hz=-3))
must_refuse("forty rods", lambda p: p["drums"][0].update(rods=40))
for line in failures:
    print(line)
print(f"{len(parcel['entries'])} entries looked at, {len(failures)} failure(s)")
sys.exit(1 if failures else 0)
