#!/usr/bin/env bash
# Installs what is missing, builds, makes the demo house once and opens it. Without a display it starts under Xvfb.
set -euo pipefail
source "$(dirname "$0")/prepare.sh"
build --target mottix mottix-cli

house=build/demo/skarn_fell.mottix
if [ ! -e "$house" ]; then
  echo "Making the demo house (about a minute, once)"
  build/bin/mottix-cli demo "$house" --footage demo/footage
fi

if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ] || [ "${QT_QPA_PLATFORM:-}" = offscreen ]; then
  exec build/bin/mottix --house "$house" "$@"
fi
echo "There is no display: starting under Xvfb, where nobody sees it. On a desk with a screen the window opens."
exec xvfb-run --auto-servernum --server-args="-screen 0 1280x800x24" build/bin/mottix --house "$house" "$@"
