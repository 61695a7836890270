#!/usr/bin/env bash
# Opens the demo house and writes one PNG a main view.
#   scripts/shots.sh [--out FOLDER] [--size 1280x800] [--scale 1] [--theme light|dark]
set -euo pipefail
out=docs/screenshots size=1280x800 scale=1 theme=light
while [ $# -gt 0 ]; do
  case $1 in
    --out) out=$2 ;;
    --size) size=$2 ;;
    --scale) scale=$2 ;;
    --theme) theme=$2 ;;
    *) echo "shots.sh: unknown option $1 (known: --out --size --scale --theme)" >&2; exit 2 ;;
  esac
  shift 2
done
source "$(dirname "$0")/prepare.sh"
build --target mottix mottix-cli >/dev/null
house=build/demo/shots/skarn_fell.mottix
[ -e "$house" ] || build/bin/mottix-cli demo "$house" --footage demo/footage
suffix=
[ "$theme" = light ] || suffix=_$theme
[ "$scale" = 1 ] || suffix=${suffix}_x$scale
QT_QPA_PLATFORM=offscreen QT_SCALE_FACTOR=$scale build/bin/mottix --house "$house" --theme "$theme" --size "$size" --shots "$out" --suffix "$suffix" --set 1
# A deadlift, and a set filmed from the front.
beside=$(mktemp -d)
for other in 4:deadlift 5:front; do
  QT_QPA_PLATFORM=offscreen QT_SCALE_FACTOR=$scale build/bin/mottix --house "$house" --theme "$theme" --size "$size" --shots "$beside" --set "${other%:*}"
  cp "$beside/set_sheet.png" "$out/set_sheet_${other#*:}$suffix.png"
done
rm -r "$beside"
