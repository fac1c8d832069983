#!/usr/bin/env bash
# A server for the browser tests on data of its own, laid out anew. $1 port, $2 data folder, $3 demo or empty, or again:
# what lies there is served as it is; $4 and on: instruments beside the colorimeter.
set -eu
. "$(dirname "$0")/../../bin/lib.sh"
export HAWKBRUSH_DATA="$PWD/$2" PHP_CLI_SERVER_WORKERS=3
[ "$3" = again ] || rm -rf "$HAWKBRUSH_DATA"
hb_ready
[ "$3" != demo ] || php artisan hawkbrush:demo
# The instrument that ships with it, beside the demo.
if [ "$3" = demo ]; then
    php bin/instrument colorimeter $(($1 + 30)) &
    export HAWKBRUSH_COLORIMETER="tcp://127.0.0.1:$(($1 + 30))"
fi
instrument=31
for kind in "${@:4}"; do
    php bin/instrument "$kind" $(($1 + instrument)) &
    export "HAWKBRUSH_${kind^^}=tcp://127.0.0.1:$(($1 + instrument))"
    instrument=$((instrument + 1))
done
cd public
exec php "${hb_php[@]}" -S "127.0.0.1:$1" \
    ../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php 2>/dev/null
