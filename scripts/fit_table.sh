#!/usr/bin/env bash
# Makes the demo house, asks for the set-ups of its athletes and writes them with their reasons into docs/fit.md.
set -euo pipefail
source "$(dirname "$0")/prepare.sh"
source scripts/put.sh
build --target mottix-cli >/dev/null
rm -rf build/fit
mkdir -p build/fit
# Out of the demo house, so that lengths read from films count.
house=build/fit/skarn_fell.mottix
build/bin/mottix-cli demo "$house" >/dev/null
build/bin/mottix-cli athlete "$house" | while read -r name; do
  build/bin/mottix-cli athlete "$house" --name "$name" --json "build/fit/$(tr ' A-Z-' '_a-z_' <<<"$name").json"
done
for athlete in build/fit/*.json; do
  for lift in squat deadlift bench; do
    build/bin/mottix-cli fit --athlete "$athlete" --lift $lift --load 80 --json "build/fit/$(basename "$athlete" .json)_$lift.json" >/dev/null
  done
done
/usr/bin/python3 - >build/fit/table.md <<'PY'
import glob, json
def of(doc, id):
    return next(s for s in doc["suggestions"] if s["id"] == id)
rows, reasons = [], []
for path in sorted(glob.glob("build/fit/*_squat.json")):
    squat, pull, press = (json.load(open(path.replace("_squat.", f"_{l}."))) for l in ("squat", "deadlift", "bench"))
    p = squat["posture"]
    rows.append("| {} | {} | {:.0f} | {:.0f} | {:.0f} | {:.0f} | {:.0f} / {:.0f} | {:.0f} / {:.0f} | {} | {:.0f} / {:.0f} | {:.0f} |".format(
        squat["name"], of(squat, "bar_position")["value"], of(squat, "stance")["value"], of(squat, "toe_out")["value"],
        of(squat, "heel")["value"], of(squat, "depth")["value"], p["trunk_lean_deg"], p["shin_lean_deg"], p["hip_lever_cm"], p["knee_lever_cm"],
        of(pull, "style")["value"], pull["posture"]["trunk_lean_deg"], pull["other_style"]["trunk_lean_deg"],
        of(press, "grip")["value"]))
    said = {}
    for id, doc in (("bar_position", squat), ("stance", squat), ("heel", squat), ("depth", squat), ("style", pull), ("grip", press)):
        said[id.replace("_", " ")] = of(doc, id)["reason"]
    reasons.append(f"**{squat['name']}**\n" + "\n".join(f"- {k}: {v}" for k, v in said.items()) +
                   "".join(f"\n- caution: {c}" for c in squat["cautions"]))
print("| athlete | bar | stance cm | toes ° | heel mm | hip below knee cm | trunk / shin ° | hip / knee lever cm | deadlift | trunk ° there / other style | bench grip cm |")
print("|---|---|---|---|---|---|---|---|---|---|---|")
print("\n".join(rows))
print()
print("\n\n".join(reasons))
PY
put docs/fit.md table build/fit/table.md
