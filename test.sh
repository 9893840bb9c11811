#!/usr/bin/env bash
# Sets up what is missing and passes all tests: no monitor, sound card or network is needed for the tests themselves.
#   ./test.sh          everything: build with warnings as errors, all tests, then the core under the sanitizers
#   ./test.sh quick    without the sanitizer run
set -euo pipefail
cd "$(dirname "$0")"
source cmake/setup.sh
need_packages build run test
private_runtime_folder

configure_and_build dev
ctest --preset dev -j "$(($(nproc) * 2))" # the windows wait half of the time
if [ "${1:-}" != quick ]; then
    configure_and_build asan
    ctest --preset asan -j "$(nproc)"
fi
