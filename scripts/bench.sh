#!/usr/bin/env bash
# Measures accuracy and speed on the demo's squats and ten seeded synthetic clips, and writes the tables into docs/.
# The clips are rendered once into build/bench (about a minute each). Run it on an idle machine.
set -euo pipefail
source "$(dirname "$0")/prepare.sh"
build --target mottix-bench mottix-cli >/dev/null
mkdir -p build/bench
clips=(demo/footage/squat_side_good.mp4 demo/footage/squat_side_hips_rise.mp4)
for seed in 1 2 3 4 5 6 7 8 9 10; do
  clip=build/bench/synth_$seed.mp4
  [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --seed "$seed"
  clips+=("$clip")
done
# Replaces what stands between the two marks of a page.
put() {
  /usr/bin/python3 - "$1" "$2" <<'PY'
import sys
page, table = sys.argv[1:]
text, new = open(page).read(), open(table).read()
head, rest = text.split("<!-- table -->\n", 1)
tail = rest.split("<!-- end -->", 1)[1]
open(page, "w").write(head + "<!-- table -->\n" + new + "<!-- end -->" + tail)
PY
}
what=${1:-all}
if [ "$what" != speed ]; then
  build/bin/mottix-bench accuracy "${clips[@]}" >build/bench/accuracy.md
  put docs/accuracy.md build/bench/accuracy.md
fi
if [ "$what" != accuracy ]; then
  build/bin/mottix-bench speed "${clips[@]:0:4}" --rounds 5 >build/bench/speed.md
  put docs/performance.md build/bench/speed.md
fi
