# What bin/start and bin/test need before they can begin. Sourced; leaves the shell in the checkout.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

fail() {
  echo "water-clock: $*" >&2
  exit 1
}

need_node() {
  command -v node >/dev/null || fail 'Node 20 is needed and is not installed.'
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a === 20 && b >= 19 ? 0 : 1)' ||
    fail "Node 20.19 or a later 20 is needed; this is $(node --version)."
}

# need_debian PROGRAM PACKAGE…: installs the packages unless the program (a path or a glob) is there.
need_debian() {
  local program=$1
  shift
  if compgen -G "$program" >/dev/null || command -v "$program" >/dev/null; then return; fi
  local as_root=()
  if [ "$(id -u)" -ne 0 ]; then
    command -v sudo >/dev/null || fail "Debian's $* is needed: ask root for 'apt-get install $*'."
    as_root=(sudo)
  fi
  echo "water-clock: installing Debian's $* …"
  local log
  log=$(mktemp)
  { "${as_root[@]}" apt-get update -qq &&
    "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@"; } \
    >"$log" 2>&1 </dev/null || { tail -n 20 "$log" >&2; fail "apt-get could not install $*."; }
  rm -f "$log"
}

need_postgresql() { need_debian '/usr/lib/postgresql/*/bin/initdb' postgresql; }
# Renders PDFs for the tests.
need_poppler() { need_debian pdftoppm poppler-utils; }
need_nginx() { need_debian /usr/sbin/nginx nginx-light; }
need_systemd() { need_debian systemd-analyze systemd; }
need_chromium() { need_debian chromium chromium fonts-liberation; }

stamp_of() { sha256sum "$@" | sha256sum | cut -d' ' -f1; }

need_modules() {
  local stamp
  stamp=$(stamp_of package-lock.json package.json packages/*/package.json e2e/package.json)
  if [ "$(cat node_modules/.water-clock 2>/dev/null)" != "$stamp" ]; then
    echo 'water-clock: installing packages …'
    npm ci --no-progress --loglevel=error
    echo "$stamp" >node_modules/.water-clock
  fi
}

need_build() {
  local stamp
  stamp=$(find packages tools tsconfig.base.json -type f -not -path '*/dist/*' -not -path '*/node_modules/*' -print0 |
    sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
  if [ "$(cat packages/web/dist/.stamp 2>/dev/null)" != "$stamp" ]; then
    echo 'water-clock: building …'
    npm run -s build
    echo "$stamp" >packages/web/dist/.stamp
  fi
}
