#!/usr/bin/env bash
# Measures accuracy and speed on the demo's squats and ten seeded synthetic clips, and writes the tables into docs/.
#   scripts/bench.sh [accuracy|lengths|joints|speed|posture]   (all without)
# The clips are rendered once into build/bench (about a minute each). Run it on an idle machine.
set -euo pipefail
what=${1:-all}
source "$(dirname "$0")/prepare.sh"
source scripts/put.sh
build --target mottix-bench mottix-cli >/dev/null
mkdir -p build/bench
if [ "$what" = posture ] || [ "$what" = all ]; then
  build/bin/mottix-bench posture >build/bench/posture.md
  put docs/performance.md posture build/bench/posture.md
  build/bin/mottix-bench fit >build/bench/fit.md
  put docs/performance.md fit build/bench/fit.md
fi
if [ "$what" = lengths ] || [ "$what" = all ]; then
  # Fifty lifters, one rep each: about a quarter of a minute a clip, rendered once.
  singles=()
  for seed in $(seq 101 150); do
    clip=build/bench/single_$seed.mp4
    [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --seed "$seed" --reps 1 --clean
    singles+=("$clip")
  done
  build/bin/mottix-bench lengths "${singles[@]}" >build/bench/lengths.md
  put docs/accuracy.md lengths build/bench/lengths.md
fi
[ "$what" != posture ] && [ "$what" != lengths ] || exit 0
clips=(demo/footage/squat_side_good.mp4 demo/footage/squat_side_hips_rise.mp4)
for seed in 1 2 3 4 5 6 7 8 9 10; do
  clip=build/bench/synth_$seed.mp4
  [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --seed "$seed"
  clips+=("$clip")
done
if [ "$what" = accuracy ] || [ "$what" = all ]; then
  build/bin/mottix-bench accuracy "${clips[@]}" >build/bench/accuracy.md
  put docs/accuracy.md table build/bench/accuracy.md
fi
if [ "$what" = joints ] || [ "$what" = all ]; then
  build/bin/mottix-bench joints --models build/models "${clips[@]}" >build/bench/joints.md
  put docs/accuracy.md joints build/bench/joints.md
fi
if [ "$what" = speed ] || [ "$what" = all ]; then
  build/bin/mottix-bench speed "${clips[@]:0:4}" --rounds 5 >build/bench/speed.md
  put docs/performance.md table build/bench/speed.md
fi
