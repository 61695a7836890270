#!/usr/bin/env bash
# The slow looks at the code: every test under AddressSanitizer and UndefinedBehaviorSanitizer, and static analysis.
# scripts/check.sh [sanitize|static] [ctest arguments]. Without a word: both.
set -euo pipefail
source "$(dirname "$0")/prepare.sh"
what=${1:-both}
[ $# -gt 0 ] && shift

if [ "$what" = sanitize ] || [ "$what" = both ]; then
  [ -e build/sanitize/build.ninja ] || cmake --preset sanitize >/dev/null
  cmake --build --preset sanitize
  # Leaks of the toolkit's libraries at the end are theirs; in our own programs they are looked for.
  ASAN_OPTIONS=detect_leaks=0:abort_on_error=0 QT_QPA_PLATFORM=offscreen ctest --preset sanitize -j 2 "$@"
fi

if [ "$what" = static ] || [ "$what" = both ]; then
  for tool in clang-tidy cppcheck; do
    command -v $tool >/dev/null && continue
    as_root=(); [ "$(id -u)" -eq 0 ] || as_root=(sudo)
    DEBIAN_FRONTEND=noninteractive "${as_root[@]}" apt-get install -y -qq --no-install-recommends clang-tidy cppcheck >/dev/null
  done
  [ -e build/compile_commands.json ] || cmake --preset release >/dev/null
  cppcheck --quiet --enable=warning,performance,portability --inline-suppr --std=c++20 --error-exitcode=1 \
    --suppress=missingIncludeSystem --suppress=syntaxError --suppress=unknownMacro -I . -j 2 \
    core media vision synth store report cli fuzz
  # What takes in what is not trusted, and what decides: bugs, not style.
  mapfile -t files < <(ls core/*/*.cpp vision/film*.cpp store/*.cpp fuzz/targets.cpp | grep -v _test.cpp)
  # Built with GCC's precompiled headers, which Clang does not read.
  mkdir -p build/tidy
  sed -E 's/-Winvalid-pch -include [^ ]+cmake_pch.hxx//; s/-fpch-preprocess//' build/compile_commands.json >build/tidy/compile_commands.json
  printf '%s\n' "${files[@]}" | xargs -P 2 -n 8 clang-tidy --quiet -p build/tidy --warnings-as-errors='*' \
    --checks='-*,bugprone-use-after-move,bugprone-dangling-handle,bugprone-infinite-loop,bugprone-undefined-memory-manipulation,bugprone-sizeof-expression,clang-analyzer-core.*,clang-analyzer-cplusplus.*,clang-analyzer-security.*,clang-analyzer-unix.*'
fi
