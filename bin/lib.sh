# Shared by the commands beside this file: finds what is missing, installs it, builds. Sourced, not run.

# As it was called, perhaps through a link that an update exchanges; and where it really lies, which is what runs.
hb_place=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd -L)
hb_root=$(cd -P "$hb_place" && pwd -P)
cd "$hb_root" || exit 1

# What is written beside the data: logs and computed pictures.
hb_storage=${LARAVEL_STORAGE_PATH:-$hb_root/storage}
if [ "$hb_storage" != "$hb_root/storage" ]; then
    (umask 077; mkdir -p "$hb_storage"/{logs,framework/cache/data,framework/views}) 2>/dev/null || true
    # The framework's own notes lie there too: the program may lie where it cannot be written to.
    [ ! -w "$hb_storage/framework" ] || export APP_SERVICES_CACHE="$hb_storage/framework/services.php" APP_PACKAGES_CACHE="$hb_storage/framework/packages.php"
fi

# One that bin/release made holds its pages and PHP packages.
hb_released() { [ -f "$hb_root/RELEASE" ]; }

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
    if ! hb_released; then
        command -v composer >/dev/null || missing+=(composer)
        command -v node >/dev/null || missing+=(nodejs)
        command -v npm >/dev/null || missing+=(npm)
        command -v unzip >/dev/null || missing+=(unzip)
    fi
    if command -v php >/dev/null; then
        local loaded
        loaded=$(php -m)
        for extension in mbstring:php8.2-mbstring pdo_sqlite:php8.2-sqlite3 gd:php8.2-gd exif:php8.2-common dom:php8.2-xml curl:php8.2-curl zip:php8.2-zip apcu:php8.2-apcu igbinary:php8.2-igbinary; do
            grep -qix "${extension%%:*}" <<<"$loaded" || missing+=("${extension##*:}")
        done
    fi
    # Not every user has these on their path.
    PATH=$PATH:/usr/sbin command -v nginx >/dev/null || missing+=(nginx)
    PATH=$PATH:/usr/sbin command -v php-fpm8.2 >/dev/null || missing+=(php8.2-fpm)
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
        local services
        services=$(hb_services "${missing[@]}")
        hb_fail "Missing on this machine: ${missing[*]}
Type this once, then run the command again:

    sudo apt-get update && sudo apt-get install -y --no-install-recommends ${missing[*]}${services:+
    sudo systemctl disable --now $services   # Hawkbrush starts its own}
"
    fi
    hb_say "Installing ${missing[*]}"
    export DEBIAN_FRONTEND=noninteractive
    apt-get update -qq >/dev/null || hb_fail "apt-get update failed: is Debian's package server reachable?"
    hb_without_services apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null ||
        hb_fail "apt-get install failed for: ${missing[*]}"
    local service
    for service in $(hb_services "${missing[@]}"); do
        systemctl disable "$service" >/dev/null 2>&1 || update-rc.d "$service" disable >/dev/null 2>&1
    done
}

# Those of the packages that bring a service of the same name.
hb_services() {
    local package
    for package in "$@"; do
        case $package in nginx | php8.2-fpm) printf '%s ' "$package" ;; esac
    done
}

# Runs an installation that starts no service: Debian asks this file whether it may (its Policy, 9.3.3).
hb_without_services() (
    policy=/usr/sbin/policy-rc.d
    [ ! -e "$policy" ] || mv "$policy" "$policy.before-hawkbrush"
    trap 'rm -f "$policy"; [ ! -e "$policy.before-hawkbrush" ] || mv "$policy.before-hawkbrush" "$policy"' EXIT
    printf '#!/bin/sh\nexit 101\n' >"$policy"
    chmod 755 "$policy"
    "$@"
)

# A stamp file holds the checksum of what an installation was made from; with the same one there is nothing to do.
hb_stamp_is() { [ -f "$1" ] && [ "$(cat "$1")" = "$2" ]; }

hb_install_php() {
    local sum
    ! hb_released || return 0
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

# Built beside and exchanged as a whole: a server that runs from here goes on meanwhile.
hb_build_pages() {
    local sum next=public/build.next
    sum=$(find resources/js resources/views resources/fonts contract vite.config.ts package-lock.json public/*.* -type f ! -name schema.d.ts ! -path '*/fonts/made/*' -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
    hb_stamp_is public/build/.hawkbrush "$sum" && return 0
    hb_say "Building the pages"
    rm -rf "$next"
    npm run --silent build -- --outDir "$next" >storage/logs/build.log 2>&1 || { tail -40 storage/logs/build.log >&2; hb_fail "The build failed; all of it stands in storage/logs/build.log."; }
    # As nginx sends them.
    find "$next" -type f \( -name '*.js' -o -name '*.css' -o -name '*.svg' \) -exec gzip -9kf {} +
    printf '%s' "$sum" >"$next/.hawkbrush"
    rm -rf public/build.before
    [ ! -e public/build ] || mv public/build public/build.before
    mv "$next" public/build
    rm -rf public/build.before
}

hb_prepare() {
    hb_install_packages "${1:-}"
    ! hb_released || return 0
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
