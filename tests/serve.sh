#!/usr/bin/env bash
# A server for tests, served as bin/serve does. $1 port, $2 data folder, $3: demo or empty lay it out anew, again takes what lies
# there, untouched does not even look at it first; $4 and on: instruments beside the demo's colorimeter.
set -eu
. "$(dirname "$0")/../bin/lib.sh"
. "$(dirname "$0")/../bin/serving.sh"
HAWKBRUSH_DATA=$(realpath -m "$2")
export HAWKBRUSH_DATA HAWKBRUSH_WORKERS="${HAWKBRUSH_WORKERS:-4}" HAWKBRUSH_TIDY=off
case $3 in demo | empty) rm -rf "$HAWKBRUSH_DATA" ;; esac
[ "$3" = untouched ] || hb_ready
[ "$3" != demo ] || php artisan hawkbrush:demo
# The instrument that ships with it, beside the demo.
instruments=("${@:4}")
[ "$3" != demo ] || instruments=(colorimeter "${instruments[@]}")
hb_instruments $(($1 + 30)) "${instruments[@]}"
set +e
hb_serve "$1"
