#!/usr/bin/env bash
# The long looks at what a coach relies on; writes what was seen into docs/trust.md.
#   scripts/trust.sh [sessions|cycles|answers]   (all without); fuzzing has its own script (fuzz.sh), sanitizers, too (check.sh).
set -euo pipefail
what=${1:-all}
source "$(dirname "$0")/prepare.sh"
source scripts/put.sh
build --target desk_trust_test mottix-cli mottix-film-reader
mkdir -p build/trust
export QT_QPA_PLATFORM=offscreen
run() { build/bin/desk_trust_test --gtest_filter="$1" 2>/dev/null; }
head() { printf '| %s |\n' "$1"; printf '|%s\n' "$(printf -- '---|%.0s' $(seq "$2"))"; }

if [ "$what" = sessions ] || [ "$what" = all ]; then
  { head "what | how often | what was found" 3; MOTTIX_SESSIONS=500 run '*KilledAt*' | grep '^|'; } >build/trust/sessions.md
  put docs/trust.md sessions build/trust/sessions.md
fi
if [ "$what" = cycles ] || [ "$what" = all ]; then
  { head "what | how often | what was left" 3; MOTTIX_CYCLES=300 run '*OverAndOver*' | grep '^|'; } >build/trust/cycles.md
  put docs/trust.md cycles build/trust/cycles.md
fi
if [ "$what" = answers ] || [ "$what" = all ]; then
  # A copy of the demo house beside it, so that its films are found.
  house=build/demo/skarn_fell.mottix
  [ -e "$house" ] || build/bin/mottix-cli demo "$house" --footage demo/footage
  rm -f build/demo/answers.mottix*
  cp "$house" build/demo/answers.mottix
  { head "what | how many | how long" 3
    answers() { MOTTIX_HOUSE=build/demo/answers.mottix run '*HowLong*' | grep '^|' | sed "s/^| events of two rounds/| events of two rounds, $1/"; }
    for k in 1 2 3 4 5 6; do answers "run $k"; done
    # The same house as after years.
    MOTTIX_GROWN=500 answers "500 measured sets more an athlete"
    for k in 2 3 4; do answers "500 more an athlete, run $k"; done
  } >build/trust/answers.md
  rm -f build/demo/answers.mottix*
  put docs/trust.md answers build/trust/answers.md
fi
