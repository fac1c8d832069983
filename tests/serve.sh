#!/usr/bin/env bash
# A server for tests, served as bin/serve does. $1 port, $2 data folder, $3: demo or empty, to lay it out anew, or again: what
# lies there is served as it is; $4 and on: instruments beside the demo's colorimeter.
set -eu
. "$(dirname "$0")/../bin/lib.sh"
. "$(dirname "$0")/../bin/serving.sh"
HAWKBRUSH_DATA=$(realpath -m "$2")
export HAWKBRUSH_DATA HAWKBRUSH_WORKERS="${HAWKBRUSH_WORKERS:-4}"
if [ "$3" != again ]; then
    rm -rf "$HAWKBRUSH_DATA"
    hb_ready
fi
[ "$3" != demo ] || php artisan hawkbrush:demo
# The instrument that ships with it, beside the demo.
instruments=("${@:4}")
[ "$3" != demo ] || instruments=(colorimeter "${instruments[@]}")
hb_instruments $(($1 + 30)) "${instruments[@]}"
set +e
hb_serve "$1"
