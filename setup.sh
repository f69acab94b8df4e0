# Sourced by start-demo and run-tests: installs what they need from Debian's packages, and finds a display.
set -eu
root=$(cd "$(dirname "$0")" && pwd)
cd "$root"

missing=""
need() { # command or file, package
  command -v "$1" >/dev/null 2>&1 || [ -e "$1" ] || missing="$missing $2"
}
need javac openjdk-17-jdk-headless
need mvn maven
need /usr/lib/"$(uname -m)"-linux-gnu/libgtk-3.so.0 libgtk-3-0
need /usr/lib/"$(uname -m)"-linux-gnu/libXtst.so.6 libxtst6
need /usr/lib/"$(uname -m)"-linux-gnu/libGL.so.1 libgl1
if [ -z "${DISPLAY:-}" ]; then
  need Xvfb xvfb
  need openbox openbox
fi
if [ -n "$missing" ]; then
  echo "Installing from Debian's packages:$missing"
  as_root=""
  [ "$(id -u)" -eq 0 ] || as_root=sudo
  $as_root apt-get update -q
  # shellcheck disable=SC2086
  DEBIAN_FRONTEND=noninteractive $as_root apt-get install -y -q --no-install-recommends $missing
fi

# Without a monitor: a screen in memory with a plain window manager, ended with this script.
if [ -z "${DISPLAY:-}" ]; then
  number=90
  while [ -e "/tmp/.X$number-lock" ] || [ -e "/tmp/.X11-unix/X$number" ]; do number=$((number + 1)); done
  # -r: a key held down does not repeat itself; on a slow machine one that a test presses would.
  Xvfb ":$number" -r -screen 0 1440x900x24 -nolisten tcp >/dev/null 2>&1 &
  xvfb=$!
  export DISPLAY=":$number"
  i=0
  while [ ! -e "/tmp/.X11-unix/X$number" ] && [ $i -lt 100 ]; do sleep 0.1; i=$((i + 1)); done
  openbox >/dev/null 2>&1 &
  openbox=$!
  trap 'kill $openbox $xvfb 2>/dev/null || true' EXIT
fi
