#!/usr/bin/env bash
# Installs what is missing, builds everything and runs every test.
set -euo pipefail
source "$(dirname "$0")/prepare.sh"
build
QT_QPA_PLATFORM=offscreen ctest --preset release -j 2 "$@"
