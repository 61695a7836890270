#!/usr/bin/env bash
# Measures accuracy and speed on the demo's squats and seeded synthetic clips, and writes the tables into docs/.
#   scripts/bench.sh [accuracy|across|field|held|lengths|joints|judging|load|house|measures|angles|sync|speed|memory|posture]   (all without)
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
if [ "$what" = angles ] || [ "$what" = all ]; then
  # FOOTAGE: a folder with more films by the same hand as the demo's.
  build/bin/mottix-bench angles --models build/models $(find "${FOOTAGE:-demo/footage}" -name "*_side_*.mp4" -o -name "*_side_*.webm" | sort) >build/bench/angles.md
  put docs/accuracy.md angles build/bench/angles.md
fi
if [ "$what" = sync ] || [ "$what" = all ]; then
  # Twenty sets, each filmed from the side and from the front or the rear, by cameras started at other times.
  pairs=()
  for seed in $(seq 401 420); do
    lift=$(printf 'squat\nbench\ndeadlift\n' | sed -n "$((seed % 3 + 1))p")
    preset=$(printf 'plain\ngym\nhand\nphone\n' | sed -n "$((seed % 4 + 1))p")
    across=$(printf 'front\nrear\n' | sed -n "$((seed / 2 % 2 + 1))p")
    later=$(awk "BEGIN { print -3 + $((seed * 37 % 100)) / 25 }")
    for view in side $across; do
      clip=build/bench/pair_${seed}_${lift}_$view.mp4
      begins=$([ $view = side ] && echo 0 || echo "$later")
      [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --lift "$lift" --view $view --seed "$seed" \
        --preset "$preset" --reps 3 --begins "$begins" --width 960 --height 540
      pairs+=("$clip")
    done
  done
  build/bin/mottix-bench sync "${pairs[@]}" >build/bench/sync.md
  put docs/accuracy.md sync build/bench/sync.md
fi
if [ "$what" = judging ] || [ "$what" = all ]; then
  build/bin/mottix-bench judging >build/bench/judging.md
  put docs/accuracy.md judging build/bench/judging.md
fi
if [ "$what" = load ] || [ "$what" = all ]; then
  build/bin/mottix-bench load >build/bench/load.md
  put docs/load.md runs build/bench/load.md
fi
if [ "$what" = house ] || [ "$what" = all ]; then
  # Made once (half a minute); a second run measures.
  rm -f build/bench/house.mottix*
  build/bin/mottix-bench house build/bench/house.mottix >/dev/null
  build/bin/mottix-bench house build/bench/house.mottix >build/bench/house.md
  put docs/performance.md house build/bench/house.md
fi
if [ "$what" = measures ] || [ "$what" = all ]; then
  build/bin/mottix-bench measures >build/bench/measures.md
  put docs/accuracy.md measures build/bench/measures.md
fi
if [ "$what" = lengths ] || [ "$what" = all ]; then
  # Fifty lifters, one rep each: about a quarter of a minute a clip, rendered once.
  singles=()
  for seed in $(seq 101 150); do
    clip=build/bench/single_$seed.mp4
    [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --seed "$seed" --reps 1 --clean
    singles+=("$clip")
  done
  build/bin/mottix-bench lengths --models build/models "${singles[@]}" >build/bench/lengths.md
  put docs/accuracy.md lengths build/bench/lengths.md
fi
if [ "$what" = across ] || [ "$what" = all ]; then
  lying=(demo/footage/bench_foot_end_tilt.mp4)
  for lift in squat bench deadlift; do
    for view in front rear; do
      clip=build/bench/across_${lift}_${view}_21.mp4
      [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --lift $lift --view $view --seed 21 --reps 2
      lying+=("$clip")
    done
  done
  build/bin/mottix-bench across "${lying[@]}" >build/bench/across.md
  put docs/accuracy.md across build/bench/across.md
fi
if [ "$what" = field ] || [ "$what" = all ]; then
  # Sixty films: each lift from the side (three seeds) and across (front and rear), each at four difficulties.
  many=()
  for lift in squat bench deadlift; do
    for preset in plain gym hand phone; do
      for take in side:201 side:202 side:203 front:204 rear:205; do
        clip=build/bench/field_${lift}_${take%:*}_${preset}_${take#*:}.mp4
        [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --lift $lift --view "${take%:*}" \
          --preset $preset --seed "${take#*:}" --reps 2
        many+=("$clip")
      done
    done
  done
  build/bin/mottix-bench field --models build/models "${many[@]}" >build/bench/field.md
  put docs/accuracy.md field build/bench/field.md
fi
if [ "$what" = held ] || [ "$what" = all ]; then
  # Nothing round of 45 cm: empty bars and dumbbells, at four difficulties.
  ends=()
  seed=381
  for preset in plain gym hand phone; do
    for take in "squat --load 20" "bench --load 20" "bench --dumbbells 190" "deadlift --dumbbells 230"; do
      clip=build/bench/held_$seed.mp4
      # shellcheck disable=SC2086
      [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --lift $take --preset $preset --seed $seed --reps 2
      ends+=("$clip")
      seed=$((seed + 1))
    done
  done
  build/bin/mottix-bench held "${ends[@]}" >build/bench/held.md
  put docs/accuracy.md held build/bench/held.md
fi
[ "$what" != posture ] && [ "$what" != measures ] && [ "$what" != held ] && [ "$what" != lengths ] && [ "$what" != across ] && [ "$what" != field ] || exit 0
clips=(demo/footage/squat_side_good.mp4 demo/footage/squat_side_hips_rise.mp4)
for seed in 1 2 3 4 5 6 7 8 9 10; do
  clip=build/bench/synth_$seed.mp4
  [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --seed "$seed"
  clips+=("$clip")
done
pulled=()  # deadlifts from the side
for seed in 1 2 3 4; do
  clip=build/bench/deadlift_$seed.mp4
  [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --lift deadlift --seed "$seed"
  pulled+=("$clip")
done
if [ "$what" = accuracy ] || [ "$what" = all ]; then
  held=()  # the same camera in a hand
  for seed in 3 4; do
    clip=build/bench/shaky_$seed.mp4
    [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --seed "$seed" --reps 3 --shake 5
    held+=("$clip")
  done
  build/bin/mottix-bench accuracy --models build/models "${pulled[@]}" | sed "/^### Findings/,\$d" >build/bench/deadlifts.md
  put docs/accuracy.md deadlifts build/bench/deadlifts.md
  build/bin/mottix-bench accuracy --models build/models "${clips[@]}" "${held[@]}" >build/bench/accuracy.md
  put docs/accuracy.md table build/bench/accuracy.md
fi
if [ "$what" = joints ] || [ "$what" = all ]; then
  pressed=()  # bench presses from the side
  for seed in 1 2 3 4; do
    clip=build/bench/press_$seed.mp4
    [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --lift bench --seed "$seed"
    pressed+=("$clip")
  done
  build/bin/mottix-bench joints --models build/models "${clips[@]}" "${pressed[@]}" "${pulled[@]}" >build/bench/joints.md
  put docs/accuracy.md joints build/bench/joints.md
fi
large=()
for seed in 11 12; do
  clip=build/bench/hd_$seed.mp4
  [ -e "${clip%.mp4}.truth.json" ] || build/bin/mottix-cli film "$clip" --seed "$seed" --width 1920 --height 1080
  large+=("$clip")
done
if [ "$what" = speed ] || [ "$what" = all ]; then
  build/bin/mottix-bench speed --models build/models "${large[@]}" "${clips[0]}" "${clips[2]}" --rounds 5 >build/bench/speed.md
  put docs/performance.md table build/bench/speed.md
  build/bin/mottix-bench drag "${large[@]}" "${clips[0]}" >build/bench/drag.md
  put docs/performance.md drag build/bench/drag.md
fi
if [ "$what" = memory ] || [ "$what" = all ]; then
  # Twenty minutes of one set after another, without encoding anew.
  for _ in $(seq 70); do echo "file '$PWD/${large[0]}'"; done >build/bench/long.txt
  ffmpeg -v error -y -f concat -safe 0 -i build/bench/long.txt -c copy -t 1200 build/bench/long.mp4
  build/bin/mottix-bench memory --models build/models build/bench/long.mp4 >build/bench/memory.md
  put docs/performance.md memory build/bench/memory.md
fi
