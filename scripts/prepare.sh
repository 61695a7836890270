# Shared by demo.sh and test.sh: installs what is missing on Debian 12 and builds in build/. Meant to be sourced.
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$root"

packages=(
  g++ cmake ninja-build ccache pkg-config
  libeigen3-dev nlohmann-json3-dev libcli11-dev libexpected-dev libtomlplusplus-dev libtbb-dev
  libsqlitecpp-dev libsqlite3-dev libical-dev libzip-dev libopencv-dev
  libavformat-dev libavcodec-dev libavutil-dev libswscale-dev libseccomp-dev
  qt6-base-dev qt6-l10n-tools qt6-svg-dev libqcustomplot-dev libgtest-dev
  xvfb xauth python3-jsonschema ffmpeg xz-utils
)

missing=()
for package in "${packages[@]}"; do
  dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'install ok installed' || missing+=("$package")
done
if [ ${#missing[@]} -gt 0 ]; then
  echo "Installing: ${missing[*]}"
  as_root=()
  [ "$(id -u)" -eq 0 ] || as_root=(sudo)
  "${as_root[@]}" apt-get update -qq
  DEBIAN_FRONTEND=noninteractive "${as_root[@]}" apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
fi

build() {
  [ -e build/build.ninja ] || cmake --preset release >/dev/null
  cmake --build --preset release "$@"
}
