#!/usr/bin/env bash
# Makes resources/fonts from the npm package @fontsource/barlow (OFL 1.1): Latin and extended Latin merged, TrueType,
# figures of equal width as the default ones, all weights in one family. Run only to renew the committed files.
set -euo pipefail
here=$(cd "$(dirname "$0")/.." && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
cd "$work"
npm pack @fontsource/barlow@5.3.0 >/dev/null
tar xf ./*.tgz
for pair in 400:Regular 500:Medium 600:SemiBold; do
  weight=${pair%%:*} style=${pair##*:}
  /usr/bin/python3 - "$weight" "$style" "$here/resources/fonts/Barlow-$style.ttf" <<'PY'
import sys
from fontTools.merge import Merger
from fontTools.ttLib import TTFont
weight, style, out = sys.argv[1:]
parts = []
for script in ("latin", "latin-ext"):
    font = TTFont(f"package/files/barlow-{script}-{weight}-normal.woff2")
    font.flavor = None
    for table in ("GSUB", "GPOS", "GDEF"):
        if script == "latin-ext" and table in font:
            del font[table]
    name = f"{script}-{weight}.ttf"
    font.save(name)
    parts.append(name)
font = Merger().merge(parts)
digits = "zero one two three four five six seven eight nine".split()
for table in font["cmap"].tables:
    for i, digit in enumerate(digits):
        if table.cmap.get(0x30 + i) == digit:
            table.cmap[0x30 + i] = digit + ".tf"
names = font["name"]
for record in list(names.names):
    if record.nameID in (16, 17, 21, 22):
        names.removeNames(nameID=record.nameID)
names.setName("Barlow", 1, 3, 1, 0x409)
names.setName(style, 2, 3, 1, 0x409)
names.setName(f"Barlow {style}", 4, 3, 1, 0x409)
font["OS/2"].usWeightClass = int(weight)
font.save(out)
PY
done
cp package/LICENSE "$here/resources/fonts/OFL.txt"
