#!/usr/bin/env bash
# Compiles, then at the same time: holds the rules of rooms and of the API, and bundles programs and pages.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
# The linter tells what the compiler finds.
tsc -b --noCheck
npm run -s build:web &
web=$!
checked=0
npm run -s rules && npm run -s api-types -- --check && npm run -s bundle -w packages/cli -w packages/server ||
  checked=$?
wait "$web"
exit "$checked"
