# Shared by the commands beside this file: finds what is missing, installs it, builds. Sourced, not run.

hb_root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$hb_root" || exit 1

# How PHP runs what is served. The tracing compiler (the 5 of 1054) halves the time of a picture; with its register
# allocation (the 0) it now and then runs a loop for ever, so it goes without, which costs next to nothing. It stops
# compiling after 1024 traces, which pages and framework use up before the first mix is searched: so it may make more.
hb_php=(
    -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.jit=1054 -d opcache.jit_buffer_size=128M
    -d opcache.jit_max_root_traces=16384 -d opcache.jit_max_side_traces=16384 -d opcache.jit_max_exit_counters=131072
    -d variables_order=EGPCS -d upload_max_filesize=13M -d post_max_size=14M -d memory_limit=512M -d max_execution_time=120
)

# --help says what a command does (the comment at its head), and does nothing else.
for hb_word in "$@"; do
    case $hb_word in --help | -h) sed -n '2,/^[^#]/{s/^# \{0,1\}//p}' "$0"; exit 0 ;; esac
done

hb_say() { printf '\033[1m%s\033[0m\n' "$*"; }
hb_fail() { printf '%s\n' "$*" >&2; exit 1; }

# Debian packages by what they give: name of the check, package.
hb_missing_packages() {
    local missing=() extension
    command -v php >/dev/null || missing+=(php8.2-cli)
    command -v composer >/dev/null || missing+=(composer)
    command -v node >/dev/null || missing+=(nodejs)
    command -v npm >/dev/null || missing+=(npm)
    if command -v php >/dev/null; then
        local loaded
        loaded=$(php -m)
        for extension in mbstring:php8.2-mbstring pdo_sqlite:php8.2-sqlite3 gd:php8.2-gd exif:php8.2-common dom:php8.2-xml curl:php8.2-curl zip:php8.2-zip; do
            grep -qix "${extension%%:*}" <<<"$loaded" || missing+=("${extension##*:}")
        done
    fi
    command -v unzip >/dev/null || missing+=(unzip)
    if [ "${1:-}" = with-browser ]; then
        [ -x "${CHROMIUM:-/usr/bin/chromium-headless-shell}" ] || missing+=(chromium-headless-shell)
        command -v pdftoppm >/dev/null || missing+=(poppler-utils)
    fi
    printf '%s\n' "${missing[@]}"
}

hb_install_packages() {
    local missing
    mapfile -t missing < <(hb_missing_packages "${1:-}" | sed '/^$/d')
    [ ${#missing[@]} -eq 0 ] && return 0
    if [ "$(id -u)" -ne 0 ]; then
        hb_fail "Missing on this machine: ${missing[*]}
Type this once, then run the command again:

    sudo apt-get update && sudo apt-get install -y --no-install-recommends ${missing[*]}
"
    fi
    hb_say "Installing ${missing[*]}"
    export DEBIAN_FRONTEND=noninteractive
    apt-get update -qq >/dev/null || hb_fail "apt-get update failed: is Debian's package server reachable?"
    apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null || hb_fail "apt-get install failed for: ${missing[*]}"
}

# A stamp file holds the checksum of what an installation was made from; with the same one there is nothing to do.
hb_stamp_is() { [ -f "$1" ] && [ "$(cat "$1")" = "$2" ]; }

hb_install_php() {
    local sum
    sum=$(sha256sum composer.json | cut -d' ' -f1)
    hb_stamp_is vendor/.hawkbrush "$sum" && return 0
    hb_say "Installing PHP packages"
    COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet || hb_fail "composer install failed."
    printf '%s' "$sum" >vendor/.hawkbrush
}

hb_install_node() {
    local sum
    sum=$(cat package.json package-lock.json | sha256sum | cut -d' ' -f1)
    hb_stamp_is node_modules/.hawkbrush "$sum" && return 0
    hb_say "Installing npm packages"
    npm ci --no-fund --no-audit --loglevel=error || hb_fail "npm ci failed."
    printf '%s' "$sum" >node_modules/.hawkbrush
}

hb_build_pages() {
    local sum
    sum=$(find resources/js resources/views resources/fonts contract vite.config.ts package-lock.json public/*.* -type f ! -name schema.d.ts ! -path '*/fonts/made/*' -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
    hb_stamp_is public/build/.hawkbrush "$sum" && return 0
    hb_say "Building the pages"
    npm run --silent build >storage/logs/build.log 2>&1 || { tail -40 storage/logs/build.log >&2; hb_fail "The build failed; all of it stands in storage/logs/build.log."; }
    printf '%s' "$sum" >public/build/.hawkbrush
}

hb_prepare() {
    hb_install_packages "${1:-}"
    # Both mostly wait for their server, so they wait together.
    hb_install_php &
    local php=$!
    hb_install_node
    hb_build_pages
    wait "$php" || exit 1
}

# Gets the data folder ready: looks at it, makes its database or brings it up to date, all of that or nothing.
hb_ready() {
    php artisan hawkbrush:ready || hb_fail "Hawkbrush did not start; nothing was changed."
}

hb_free_port() {
    php -r '
        for ($port = (int) $argv[1]; $port < (int) $argv[1] + 200; $port++) {
            $socket = @stream_socket_server("tcp://127.0.0.1:$port");
            if ($socket !== false) { echo $port; exit(0); }
        }
        exit(1);' "$1"
}

# Starts the simulated instruments beside the server and tells the server of them. They end with the server.
hb_instruments() {
    local kind port next=$1 name
    for kind in colorimeter hygrometer gauge; do
        port=$(hb_free_port "$next") || return 0
        next=$((port + 1))
        php "$hb_root/bin/instrument" "$kind" "$port" >>"storage/logs/$kind.log" 2>&1 &
        hb_instrument="${hb_instrument:-} $!"
        name=HAWKBRUSH_${kind^^}
        export "$name=tcp://127.0.0.1:$port"
    done
}

# Where the server writes its log: where the project may not be written to, among the painter's temporary files.
hb_find_log() {
    hb_log=$hb_root/storage/logs
    if ! { : >>"$hb_log/server.log"; } 2>/dev/null; then
        hb_log=$(mktemp -d)
        hb_say "$hb_root/storage/logs cannot be written to: the log is in $hb_log."
    fi
}

# How many processes of the server are alive; PHP's own server does not start one again that has died.
hb_alive() {
    local child state alive=0
    for child in $(cat "/proc/$1/task/$1/children" 2>/dev/null); do
        state=$(sed 's/.*) //' "/proc/$child/stat" 2>/dev/null)
        [ -n "$state" ] && [ "${state%% *}" != Z ] && alive=$((alive + 1))
    done
    echo "$alive"
}

# Starts the server in a group of its own. $1: port.
hb_start_server() {
    set -m
    (cd public && exec php "${hb_php[@]}" -d expose_php=0 \
        -S "127.0.0.1:$1" ../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php) >>"$hb_log/server.log" 2>&1 &
    hb_server=$!
    set +m
    for _ in $(seq 100); do
        (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null && return 0
        kill -0 "$hb_server" 2>/dev/null || return 1
        sleep 0.05
    done
    return 1
}

# Serves on loopback until it is stopped; what dies is started again. $1: port wanted.
hb_serve() {
    local wanted=$1 port tries=0 seconds=0 tidied=-3600
    port=$(hb_free_port "$wanted") || hb_fail "No free port from $wanted on."
    [ "$port" = "$wanted" ] || hb_say "Port $wanted is taken; using $port."
    export PHP_CLI_SERVER_WORKERS=${HAWKBRUSH_WORKERS:-$(nproc)}
    hb_find_log
    # Held as long as any process of the server lives: nothing replaces the data under it.
    exec 9>"$HAWKBRUSH_DATA/.lock"
    flock -s -n 9 || hb_fail "The data in $HAWKBRUSH_DATA is being replaced; start again when that is done."
    # The server starts workers of its own: the whole group is ended.
    trap 'trap - EXIT INT TERM; kill -TERM -- -${hb_server:-0} ${hb_instrument:-} 2>/dev/null; wait "${hb_server:-}" 2>/dev/null; exit 0' EXIT INT TERM
    hb_start_server "$port" || { tail -5 "$hb_log/server.log" >&2; hb_fail "The server did not start; see $hb_log/server.log."; }
    hb_say "Hawkbrush is at http://127.0.0.1:$port   (Ctrl-C ends it)"
    while :; do
        if [ $((seconds - tidied)) -ge 3600 ]; then
            php artisan hawkbrush:tidy >>"$hb_log/tidy.log" 2>&1 9>&- &
            tidied=$seconds
        fi
        sleep 1 9>&- &
        wait $!
        seconds=$((seconds + 1))
        [ $((seconds % 60)) -ne 0 ] || tries=0
        if ! kill -0 "$hb_server" 2>/dev/null || [ "$(hb_alive "$hb_server")" -lt "$PHP_CLI_SERVER_WORKERS" ]; then
            tries=$((tries + 1))
            [ "$tries" -le 5 ] || hb_fail "The server ends again and again; see $hb_log/server.log."
            hb_say "A process of the server ended; it is started again."
            kill -KILL -- "-$hb_server" 2>/dev/null
            wait "$hb_server" 2>/dev/null
            hb_start_server "$port" || true
        fi
    done
}
