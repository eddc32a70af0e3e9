#!/usr/bin/env bash
# Set up what running and testing need: system libraries, .venv, pinned packages. Says what it does
# and how far it is; at once when all is there.
# Usage: scripts/setup.sh [dev]
set -euo pipefail
cd "$(dirname "$0")/.."
extra=${1:-soundcard}
stamp=.venv/.jolly-parlor-$extra
now=$(cat pyproject.toml requirements.lock scripts/setup.sh | sha256sum; pwd)
# `dev` has all that `soundcard` has.
for done in "$stamp" .venv/.jolly-parlor-dev; do
  if [ -x .venv/bin/python ] && [ -f "$done" ] && [ "$(<"$done")" = "$now" ]; then exit 0; fi
done

say() { printf '%s\n' "$*" >&2; }

have() { # which of these Debian packages are installed, one a line
  dpkg-query -W -f='${Package} ${Status}\n' "$@" 2>/dev/null | sed -n 's/ install ok installed$//p'
}

lacking() { # which of these are not; later releases rename some to NAMEt64
  local there
  there=$(have "$@" "${@/%/t64}") || true
  for package in "$@"; do
    grep -qx -e "$package" -e "${package}t64" <<<"$there" || printf '%s\n' "$package"
  done
}

complete() { "$1" -c 'import ensurepip' 2>/dev/null; } # whether it can make environments

# Qt loads these at run time; Debian 12 names them so.
needed=(libegl1 libgl1 libopengl0 libxkbcommon0 libxkbcommon-x11-0 libdbus-1-3 libfontconfig1
  libfreetype6 libglib2.0-0 libx11-xcb1 libxcb-cursor0 libxcb-icccm4 libxcb-image0
  libxcb-keysyms1 libxcb-randr0 libxcb-render-util0 libxcb-shape0 libxcb-sync1 libxcb-xfixes0
  libxcb-xinerama0 libxcb-xkb1)
# To listen and to measure: without it the program starts all the same, and says so.
sound=(libportaudio2)
if [ "$extra" = dev ]; then
  # The tests play through a virtual sound card, and have the desktop's files validated.
  needed+=("${sound[@]}" xvfb xauth desktop-file-utils appstream
    shared-mime-info)
  sound=()
fi

say "Setting up Jolly Parlor. It takes a few minutes, once."
say "1 of 3: system libraries"
missing=() quiet=()
if command -v dpkg-query >/dev/null; then
  mapfile -t missing < <(lacking "${needed[@]}")
  [ ${#sound[@]} -eq 0 ] || mapfile -t quiet < <(lacking "${sound[@]}")
fi
# The system's own Python first: distributions build it optimised, those built by hand often are
# not, and plain Python then takes a third longer.
pythons=()
for name in /usr/bin/python3.11 python3.11 python3; do
  if command -v "$name" >/dev/null; then pythons+=("$name"); fi
done
if [ ${#pythons[@]} -eq 0 ]; then
  say "Python 3.11 is needed; please have it installed, then run this again."
  exit 1
fi
python=${pythons[0]}
if [ ! -x .venv/bin/python ] && ! complete "$python"; then missing+=(python3-venv); fi

install() {
  DEBIAN_FRONTEND=noninteractive "${root[@]}" apt-get install -qq -y --no-install-recommends "$@" \
    >/dev/null
}

if [ $((${#missing[@]} + ${#quiet[@]})) -gt 0 ]; then
  root=()
  may=yes
  if [ "$(id -u)" -ne 0 ]; then
    if sudo -n true 2>/dev/null; then root=(sudo -n); else may=; fi
  fi
  if [ -z "$may" ] && [ "${missing[*]}" = python3-venv ]; then
    for name in "${pythons[@]}"; do # another may be complete
      if complete "$name"; then python=$name missing=() && break; fi
    done
  fi
  if [ ${#missing[@]} -gt 0 ] && [ -z "$may" ]; then
    say "Please have these packages installed, then run this again: ${missing[*]} ${quiet[*]}"
    exit 1
  fi
  if [ -n "$may" ]; then
    say "   installing ${missing[*]} ${quiet[*]}"
    "${root[@]}" apt-get update -qq >/dev/null || say "   apt-get could not look for newer lists"
    if [ ${#missing[@]} -gt 0 ] && ! install "${missing[@]}"; then
      say "apt-get failed; please install these packages, then run this again: ${missing[*]}"
      exit 1
    fi
  fi
  if [ ${#quiet[@]} -gt 0 ] && { [ -z "$may" ] || ! install "${quiet[@]}"; }; then
    say "   ${quiet[*]} is not there: all works but listening and measuring through a sound card."
  fi
fi

say "2 of 3: an environment of its own, in .venv"
# A copied or half-made environment is made anew.
if [ -d .venv ] && ! .venv/bin/python -m pip --version >/dev/null 2>&1; then rm -rf .venv; fi
[ -x .venv/bin/python ] || "$python" -m venv .venv
# The one that comes with Python 3.11 takes twice as long.
.venv/bin/python -m pip install --quiet --disable-pip-version-check \
  --constraint requirements.lock pip 2>.venv/pip-said || {
  cat .venv/pip-said >&2
  say "pip could not be renewed; what was said stands above. Then run this again."
  exit 1
}

every=$(grep -c == requirements.lock)
say "3 of 3: the pinned packages ($every at most)"
count=0
compiling=()
# Tests load a part of them only, and compile what they load.
[ "$extra" != dev ] || compiling=(--no-compile)
.venv/bin/python -m pip install --disable-pip-version-check --progress-bar off "${compiling[@]}" \
  --constraint requirements.lock --editable ".[$extra]" 2>.venv/pip-said |
  while IFS= read -r line; do
    case $line in
    Collecting*)
      count=$((count + 1))
      [ $((count % 10)) -ne 0 ] || say "   $count fetched"
      ;;
    "Installing collected"*) say "   putting them in place" ;;
    esac
  done || {
  cat .venv/pip-said >&2
  say "The packages could not be installed; what was said stands above. Then run this again."
  exit 1
}
printf '%s' "$now" >"$stamp"
say "Ready."
