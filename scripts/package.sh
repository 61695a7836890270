#!/usr/bin/env bash
# Builds the Debian package into build/, and with --try installs it into a clean Debian 12 root made by debootstrap, where
# both programs are run. Needs root for --try.
set -euo pipefail
source "$(dirname "$0")/prepare.sh"
build
(cd build && cpack -G DEB >/dev/null)
deb=$(ls -t build/mottix_*.deb | head -1)
echo "$deb ($(du -h "$deb" | cut -f1))"
[ "${1:-}" = --try ] || exit 0

command -v debootstrap >/dev/null || apt-get install -y -qq debootstrap >/dev/null
root=$(mktemp -d)
trap 'umount "$root/proc" 2>/dev/null || true; rm -rf "$root"' EXIT
debootstrap --variant=minbase bookworm "$root" "${MOTTIX_MIRROR:-http://deb.debian.org/debian}" >/dev/null
cp "$deb" "$root/mottix.deb"
cp /etc/resolv.conf "$root/etc/resolv.conf"
[ -z "${http_proxy:-}" ] || echo "Acquire::http::Proxy \"$http_proxy\";" >"$root/etc/apt/apt.conf.d/proxy"
mount -t proc proc "$root/proc" 2>/dev/null || true
chroot "$root" sh -euc '
  export DEBIAN_FRONTEND=noninteractive
  apt-get update -qq
  apt-get install -y -qq --no-install-recommends /mottix.deb >/dev/null
  mottix-cli --version
  cd /tmp
  mottix-cli film set.mp4 --seed 3 --reps 1 --width 480 --height 270
  mottix-cli analyse set.mp4 --lift squat --load 80 --bar-only | head -5
  QT_QPA_PLATFORM=offscreen mottix --version
  QT_QPA_PLATFORM=offscreen timeout 20 mottix /tmp/new.mottix || [ $? -eq 124 ]
  test -s /tmp/new.mottix
  test -s /usr/share/man/man1/mottix.1
  apt-get remove -y -qq mottix >/dev/null
  test ! -e /usr/bin/mottix
'
echo "Installed, run and removed in a clean Debian 12."
