#!/usr/bin/env bash
# Builds the front end into dist/ when its sources, its lock file or the API document changed; with `check`, tests it too.
set -euo pipefail
cd "$(dirname "$0")"
source ../tools/node.sh

installed() { sha256sum package-lock.json package.json | sha256sum | cut -d' ' -f1; }
sources() {
  { installed; find src public index.html ./*.ts ./*.js ../server/openapi.json -type f ! -name schema.d.ts -print0 \
    | sort -z | xargs -0 sha256sum; } | sha256sum | cut -d' ' -f1
}

ensure_node
if [ ! -d node_modules ] || [ "$(cat node_modules/.verdamen 2>/dev/null)" != "$(installed)" ]; then
  npm ci --no-audit --no-fund --loglevel=error
  installed > node_modules/.verdamen
fi
if [ ! -f dist/index.html ] || [ "$(cat .built 2>/dev/null)" != "$(sources)" ]; then
  npm run --silent build
  rm -rf target/classes/static
  sources > .built
fi
if [ "${1-}" = check ]; then
  # The browser's tests, which go on beside this and take longer, come first.
  nice npm run --silent check
fi
