#!/usr/bin/env bash
# Searches for input that harms: scripts/fuzz.sh [--seconds N] [target …]. Without targets: all, one after the other.
# What is new is added to fuzz/corpus, small; what harms is left in build/fuzz/found and the script fails.
set -euo pipefail
source "$(dirname "$0")/prepare.sh"
dpkg-query -W -f='${Status}' clang 2>/dev/null | grep -q 'install ok installed' || {
  as_root=(); [ "$(id -u)" -eq 0 ] || as_root=(sudo)
  DEBIAN_FRONTEND=noninteractive "${as_root[@]}" apt-get install -y -qq --no-install-recommends clang libclang-rt-14-dev >/dev/null
}
seconds=600
if [ "${1:-}" = --seconds ]; then seconds=$2; shift 2; fi
targets=("$@")
[ ${#targets[@]} -gt 0 ] || targets=(film house json table toml zip)

declare -A longest=([film]=20000 [house]=200000 [json]=20000 [table]=4000 [toml]=8000 [zip]=60000)
[ -e build/fuzz/build.ninja ] || cmake -G Ninja -S . -B build/fuzz -DCMAKE_C_COMPILER=clang -DCMAKE_CXX_COMPILER=clang++ \
  -DCMAKE_BUILD_TYPE=Debug "-DCMAKE_CXX_FLAGS_DEBUG=-O1 -g1" -DMOTTIX_FUZZ=ON >/dev/null
cmake --build build/fuzz -j "$(nproc)" --target "${targets[@]/#/fuzz_}"
mkdir -p build/fuzz/found
# Leaks of libraries that keep something for the whole run are not ours; growth shows as memory used.
export ASAN_OPTIONS=detect_leaks=1:allocator_may_return_null=1 QT_QPA_PLATFORM=offscreen
for t in "${targets[@]}"; do
  work=build/fuzz/work_$t
  mkdir -p "$work"
  build/fuzz/bin/fuzz_"$t" -max_total_time="$seconds" -max_len="${longest[$t]}" -timeout=20 -rss_limit_mb=2500 \
    -artifact_prefix=build/fuzz/found/"$t"_ -print_final_stats=1 "$work" fuzz/corpus/"$t" 2>build/fuzz/"$t".log ||
    { tail -40 build/fuzz/"$t".log; echo "fuzz_$t found something: build/fuzz/found"; exit 1; }
  # The smallest set that reaches the same places, and of it a part for the project, spread over all sizes.
  rm -rf "$work.small"; mkdir -p "$work.small"
  build/fuzz/bin/fuzz_"$t" -merge=1 -max_len="${longest[$t]}" "$work.small" fuzz/corpus/"$t" "$work" 2>/dev/null || true
  /usr/bin/python3 - "$work.small" "fuzz/corpus/$t" <<'PY'
import os, shutil, sys
small, kept = sys.argv[1:]
files = sorted(os.listdir(small), key=lambda f: os.path.getsize(f"{small}/{f}"))
room = 100_000  # bytes at most, 80 files at most
for f in files[:: max(1, len(files) // 80)]:
    room -= os.path.getsize(f"{small}/{f}")
    if room < 0: break
    shutil.copy(f"{small}/{f}", f"{kept}/{f[:12]}")
PY
  echo "| $t | $(grep -c . <(ls "$work.small")) | $(awk '/stat::number_of_executed_units/{print $2}' build/fuzz/"$t".log) | $seconds |"
done
