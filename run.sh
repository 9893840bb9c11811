#!/usr/bin/env bash
# Sets up what is missing and starts Bombo with the demo workbook. Arguments go to the program.
set -euo pipefail
cd "$(dirname "$0")"
source cmake/setup.sh
need_packages build run
configure_and_build release bombo bombo-cli packed_docs # the last for the package
if [ $# -eq 0 ]; then set -- --demo; fi
exec build/release/src/app/bombo "$@"
