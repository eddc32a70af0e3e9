#!/usr/bin/env bash
# Set up what running and testing need: system libraries, .venv, pinned packages. Fast when done.
# Usage: scripts/setup.sh [dev]
set -euo pipefail
cd "$(dirname "$0")/.."
extra=${1:-}

say() { printf '%s\n' "$*" >&2; }

# Qt loads these at run time; Debian 12 names them so.
wanted=(libegl1 libgl1 libopengl0 libxkbcommon0 libxkbcommon-x11-0 libdbus-1-3 libfontconfig1
  libfreetype6 libglib2.0-0 libx11-xcb1 libxcb-cursor0 libxcb-icccm4 libxcb-image0
  libxcb-keysyms1 libxcb-randr0 libxcb-render-util0 libxcb-shape0 libxcb-sync1 libxcb-xfixes0
  libxcb-xinerama0 libxcb-xkb1)
# The tests play through a virtual sound card, and have the desktop's files validated.
[ "$extra" = dev ] && wanted+=(xvfb xauth libportaudio2 libasound2-plugins pulseaudio
  desktop-file-utils appstream shared-mime-info)

have() { dpkg-query -W -f='${Status}' "$1" 2>/dev/null | grep -q 'ok installed'; }

missing=()
if command -v dpkg-query >/dev/null; then
  for package in "${wanted[@]}"; do
    # Later Debian and Ubuntu rename libglib2.0-0 to libglib2.0-0t64.
    have "$package" || have "${package}t64" || missing+=("$package")
  done
fi
python=python3
command -v python3.11 >/dev/null && python=python3.11
if [ ! -x .venv/bin/python ] && ! "$python" -c 'import ensurepip' 2>/dev/null; then
  missing+=(python3-venv)
fi

if [ ${#missing[@]} -gt 0 ]; then
  root=()
  if [ "$(id -u)" -ne 0 ]; then
    if sudo -n true 2>/dev/null; then root=(sudo -n); else
      say "Please have these packages installed, then run this again: ${missing[*]}"
      exit 1
    fi
  fi
  say "Installing ${missing[*]}"
  export DEBIAN_FRONTEND=noninteractive
  { "${root[@]}" apt-get update -qq && "${root[@]}" apt-get install -qq -y --no-install-recommends \
    "${missing[@]}"; } >/dev/null || {
    say "apt-get failed; please install these packages, then run this again: ${missing[*]}"
    exit 1
  }
fi

# A copied or half-made environment is made anew.
if [ -d .venv ] && ! .venv/bin/python -m pip --version >/dev/null 2>&1; then rm -rf .venv; fi
[ -x .venv/bin/python ] || "$python" -m venv .venv

stamp=.venv/.jolly-parlor-${extra:-run}
now=$(cat pyproject.toml requirements.lock | sha256sum; pwd)
if [ ! -f "$stamp" ] || [ "$(cat "$stamp")" != "$now" ]; then
  say "Installing the pinned packages into .venv"
  .venv/bin/python -m pip install --quiet --disable-pip-version-check \
    --constraint requirements.lock --editable ".${extra:+[$extra]}"
  printf '%s' "$now" >"$stamp"
fi
