# How Hawkbrush is served, the same for own data, demo, tests and measurements: nginx and php-fpm of Debian with the
# configuration in config/serving, as the user who starts it. They watch their own workers. Sourced after lib.sh, not run.

# How PHP runs what is served. The tracing compiler (the 5 of 1054) halves the time of a picture; with its register
# allocation (the 0) it now and then runs a loop for ever, so it goes without, which costs next to nothing. It stops
# compiling after 1024 traces, which pages and framework use up before the first mix is searched: so it may make more.
# In APCu the workers share what earlier pictures have left (app/Keeping/Shared.php): as they are; written out as
# text, which is the default, they take longer than working them out.
hb_php=(
    -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.jit=1054 -d opcache.jit_buffer_size=128M
    -d opcache.jit_max_root_traces=16384 -d opcache.jit_max_side_traces=16384 -d opcache.jit_max_exit_counters=131072
    -d apc.shm_size=96M -d apc.ttl=300 -d apc.serializer=igbinary -d variables_order=EGPCS -d upload_max_filesize=13M -d post_max_size=14M -d memory_limit=512M -d max_execution_time=120
)

hb_free_port() {
    php -r '
        for ($port = (int) $argv[1]; $port < (int) $argv[1] + 200; $port++) {
            $socket = @stream_socket_server("tcp://127.0.0.1:$port");
            if ($socket !== false) { echo $port; exit(0); }
        }
        exit(1);' "$1"
}

# Starts simulated instruments beside the server and tells the server of them; they end with it. $1: port of the first, $2 and on: kinds.
hb_instruments() {
    local kind port next=$1 name
    for kind in "${@:2}"; do
        port=$(hb_free_port "$next") || return 0
        next=$((port + 1))
        php "$hb_root/bin/instrument" "$kind" "$port" >>"$hb_storage/logs/$kind.log" 2>&1 &
        hb_instrument="${hb_instrument:-} $!"
        name=HAWKBRUSH_${kind^^}
        export "$name=tcp://127.0.0.1:$port"
    done
}

# Where the server writes its log: where that may not be written to, among the painter's temporary files.
hb_find_log() {
    hb_log=$hb_storage/logs
    if ! { : >>"$hb_log/server.log"; } 2>/dev/null; then
        hb_log=$(mktemp -d)
        hb_say "$hb_storage/logs cannot be written to: the log is in $hb_log."
    fi
}

# Fills a file of config/serving in. $1: its name, $2: port.
hb_configuration() {
    local text user=
    [ "$(id -u)" -ne 0 ] || user=root
    text=$(<"$hb_root/config/serving/$1")
    text=${text//@RUN@/"$hb_run"} text=${text//@LOG@/"$hb_log"} text=${text//@ROOT@/"$hb_root"} text=${text//@DATA@/"$HAWKBRUSH_DATA"}
    text=${text//@PORT@/"$2"} text=${text//@WORKERS@/"$hb_workers"} text=${text//@LONGEST@/"${HAWKBRUSH_LONGEST_S:-150}"}
    text=${text//@NGINX_USER@/"${user:+user $user;}"} text=${text//@FPM_USER@/"${user:+user = $user}"}
    printf '%s\n' "$text" >"$hb_run/$1"
}

# Takes configuration and routes of the framework down once, as they are with this environment: to put them together takes a
# third of the time of a small answer. They go with the server.
hb_note_framework() {
    export APP_CONFIG_CACHE="$hb_run/config.php" APP_ROUTES_CACHE="$hb_run/routes.php" APP_EVENTS_CACHE="$hb_run/events.php"
    php artisan optimize --except=views >/dev/null 2>&1 9>&- || unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE
}

# Keeps the parts of the pages for whoever has one open through updates, until a month after they were the newest.
hb_keep_pages() {
    local kept=$HAWKBRUSH_DATA/.pages
    mkdir -p "$kept"
    [ ! -f "$kept/.newest" ] || (cd "$kept" && xargs -r touch -c <.newest)
    cp public/build/assets/* "$kept/"
    (cd public/build/assets && ls) >"$kept/.newest"
    find "$kept" -type f -mtime +30 -delete
}

# Starts both on a port, out of reach of the keys of a terminal; they end with this process, however it ends. $1: port.
hb_start_server() {
    hb_configuration php-fpm.conf "$1"
    hb_configuration nginx.conf "$1"
    # php-fpm would tell systemd by itself that all is well, and knows only of itself.
    env -u NOTIFY_SOCKET -u WATCHDOG_USEC -u WATCHDOG_PID setsid setpriv --pdeathsig TERM "$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2)" --nodaemonize --allow-to-run-as-root \
        "${hb_php[@]}" --prefix "$hb_run" --fpm-config "$hb_run/php-fpm.conf" >>"$hb_log/server.log" 2>&1 &
    hb_fpm=$!
    for _ in $(seq 200); do
        [ -S "$hb_run/php.sock" ] && break
        kill -0 "$hb_fpm" 2>/dev/null || return 1
        sleep 0.02
    done
    setsid setpriv --pdeathsig TERM "$(command -v nginx || echo /usr/sbin/nginx)" -e "$hb_log/server.log" -p "$hb_run" -c "$hb_run/nginx.conf" \
        >>"$hb_log/server.log" 2>&1 &
    hb_nginx=$!
    for _ in $(seq 200); do
        (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null && return 0
        kill -0 "$hb_nginx" 2>/dev/null || return 1
        sleep 0.02
    done
    return 1
}

# What is being answered is answered still; who takes longer than five seconds has to ask again.
hb_stop_server() {
    local patience
    trap - EXIT INT TERM HUP
    kill ${hb_instrument:-} ${hb_tick:-} 2>/dev/null
    kill -QUIT ${hb_nginx:-} ${hb_fpm:-} 2>/dev/null
    (sleep 5; kill -TERM ${hb_nginx:-} ${hb_fpm:-}) >/dev/null 2>&1 9>&- &
    patience=$!
    wait ${hb_nginx:-} ${hb_fpm:-} 2>/dev/null
    kill "$patience" 2>/dev/null
    rm -rf "${hb_run:?}"
}

# Whether it answers that it can work, within ten seconds. $1: port.
hb_is_up() {
    local answer
    { exec 4<>"/dev/tcp/127.0.0.1/$1"; } 2>/dev/null || return 1
    printf 'GET /up HTTP/1.0\r\nHost: localhost\r\n\r\n' >&4
    read -r -t 10 answer <&4
    exec 4>&-
    [[ ${answer:-} == *" 200 "* ]]
}

# Tells systemd, where it asks, how things stand.
hb_notify() { [ -z "${NOTIFY_SOCKET:-}" ] || systemd-notify "$@" 9>&-; }

# Serves on loopback until it is stopped. $1: port wanted.
hb_serve() {
    local wanted=$1 port seconds=0 tick=20 gone
    # Logs, sockets and what is kept: for their owner only.
    umask 077
    port=$(hb_free_port "$wanted") || hb_fail "No free port from $wanted on."
    [ "$port" = "$wanted" ] || hb_say "Port $wanted is taken; using $port."
    # One for each core, and one for who waits for an instrument; more of them only make each slower.
    hb_workers=${HAWKBRUSH_WORKERS:-$(($(nproc) + 1))}
    hb_find_log
    # Held as long as any process of the server lives: nothing replaces the data under it.
    exec 9>"$HAWKBRUSH_DATA/.lock"
    flock -s -n 9 || hb_fail "The data in $HAWKBRUSH_DATA is being replaced; start again when that is done."
    # Where there is no room for them, pages of an older version ask to be loaded anew.
    hb_keep_pages 2>/dev/null
    hb_run=$(mktemp -d -t hawkbrush-XXXXXX)
    trap 'hb_stop_server; exit 0' EXIT INT TERM HUP
    hb_note_framework
    hb_start_server "$port" || { tail -5 "$hb_log/server.log" >&2; hb_stop_server; hb_fail "The server did not start; see $hb_log/server.log."; }
    hb_say "Hawkbrush is at http://127.0.0.1:$port   (Ctrl-C ends it)"
    hb_notify --ready --status="at http://127.0.0.1:$port"
    # Three times in the patience of systemd's watchdog, if there is one.
    [ -z "${WATCHDOG_USEC:-}" ] || tick=$((WATCHDOG_USEC / 3000000))
    while :; do
        [ $((seconds % 3600)) -ge "$tick" ] || [ "${HAWKBRUSH_TIDY:-on}" = off ] || php artisan hawkbrush:tidy >>"$hb_log/tidy.log" 2>&1 9>&- &
        sleep "$tick" 9>&- &
        hb_tick=$!
        wait -n -p gone "$hb_fpm" "$hb_nginx" "$hb_tick"
        if [ "$gone" != "$hb_tick" ]; then
            tail -5 "$hb_log/server.log" >&2
            hb_stop_server
            hb_fail "The server ended by itself; see $hb_log/server.log."
        fi
        seconds=$((seconds + tick))
        [ -z "${WATCHDOG_USEC:-}" ] || ! hb_is_up "$port" || hb_notify WATCHDOG=1
    done
}
