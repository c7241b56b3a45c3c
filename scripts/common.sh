# Shared by ./start, ./test and the development script.
PROJECT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$PROJECT"
mkdir -p .data
# Where the book is; build and logs of the tools are always in .data.
DATA=$(realpath -m "${DROP_CLOSE_DATA:-.data}")
mkdir -p "$DATA"

# Whether process $1 was started with the word $2.
process_has() {
  local words
  [ -n "$1" ] && { mapfile -d '' -t words <"/proc/$1/cmdline"; } 2>/dev/null || return 1
  local word
  for word in "${words[@]}"; do [ "$word" != "$2" ] || return 0; done
  return 1
}

say() { printf '\033[2m·\033[0m %s\n' "$*"; }
fail() {
  printf '\nDrop Close: %s\n' "$*" >&2
  exit 1
}

# install_packages NAME... with Debian's package manager, as root or through sudo.
install_packages() {
  local sudo=""
  if [ "$(id -u)" != 0 ]; then
    sudo -n true 2>/dev/null || fail "Missing: $*. Ask for it once: sudo apt-get install $*"
    sudo="sudo -n"
  fi
  local apt="$sudo env DEBIAN_FRONTEND=noninteractive apt-get -o DPkg::Lock::Timeout=120 -qq"
  { $apt update && $apt install -y --no-install-recommends "$@"; } >.data/apt.log 2>&1 ||
    fail "Installing $* failed; see .data/apt.log."
}

# Whether Debian's sources, as they were last read, have a package.
has_package() {
  [ -n "$(apt-cache madison "$1" 2>/dev/null)" ]
}

ensure_node() {
  command -v node >/dev/null || fail "Node.js 20.19 or later is needed (https://nodejs.org)."
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' ||
    fail "Node.js 20.19 or later is needed; this is $(node --version)."
}

# Its headless shell starts faster; where Debian's sources have none the whole browser does as well.
ensure_chromium() {
  command -v chromium-headless-shell >/dev/null && return
  command -v chromium >/dev/null && ! has_package chromium-headless-shell && return
  say "Installing Debian's Chromium"
  if has_package chromium-headless-shell; then
    install_packages chromium-headless-shell
  else
    install_packages chromium
  fi
}

# Says whether a MusicXML file is well formed, for the tests.
ensure_xmllint() {
  command -v xmllint >/dev/null && return
  say "Installing Debian's xmllint"
  install_packages libxml2-utils
}

# Reads what was printed, for the tests.
ensure_poppler() {
  command -v pdftotext >/dev/null && return
  say "Installing Debian's poppler-utils"
  install_packages poppler-utils
}

# An independent reader of MIDI files, for the tests.
ensure_mido() {
  /usr/bin/python3 -c 'import mido' 2>/dev/null && return
  say "Installing Debian's python3-mido"
  install_packages python3-mido
}

# Decodes sound files, for the tests.
ensure_ffmpeg() {
  command -v ffmpeg >/dev/null && return
  say "Installing Debian's ffmpeg"
  install_packages ffmpeg
}

# The packages of the lock file, installed once for each state of it.
ensure_modules() {
  local wanted
  wanted=$(cksum <package-lock.json)
  [ "$(cat node_modules/.drop-close 2>/dev/null)" = "$wanted" ] && return
  say "Installing the npm packages"
  npm ci --no-audit --no-fund >.data/npm.log 2>&1 || fail "npm ci failed; see .data/npm.log."
  echo "$wanted" >node_modules/.drop-close
}

# Builds engine, server and web application when a source is newer than the last build.
ensure_build() {
  local stamp=.data/built
  if [ -e "$stamp" ] && [ -e apps/web/dist/index.html ] && [ -e apps/server/dist/main.js ] &&
    [ -z "$(find packages apps package-lock.json tsconfig.base.json -newer "$stamp" -type f \
      -not -path '*/node_modules/*' -not -path '*/dist/*' -print -quit)" ]; then
    return
  fi
  say "Building"
  npm run --silent build >.data/build.log 2>&1 || fail "The build failed; see .data/build.log."
  touch "$stamp"
}
