# Shared by ./start and ./check: sourced, never run. Every way out says in one line what is wrong.

# Where Debian puts servers; a user without rights has it in no path.
PATH=$PATH:/usr/sbin

say() { printf '%s\n' "$*"; }
die() { printf '%s\n' "$*" >&2; exit 1; }

# A mark of files and folders: the hash over names and contents. Names of files have no line breaks here.
mark_of() { find "$@" -type f -not -name '*.sqlite*' -not -name 'api-types.d.ts' -print0 2>/dev/null | sort -z | xargs -0 sha256sum 2>/dev/null | sha256sum | cut -d' ' -f1; }

unchanged() { [ -f "$1" ] && [ "$(cat "$1" 2>/dev/null)" = "$2" ]; }

why_not() {
    case "$1" in
        *'No space left'* | *'quota'*) printf 'its disk is full. Make room on it, and start again.' ;;
        *'Read-only'*) printf 'it is on a disk that is read-only. Give the right to write back, or move the project.' ;;
        *) printf 'give this user the right to write here, or move the project.' ;;
    esac
}

need_writable() {
    for folder in "$@"; do
        said=$(mkdir -p "$folder" 2>&1) || die "The folder $folder cannot be made: $(why_not "$said")"
        # A full disk takes an empty file, and nothing more.
        said=$({ head -c 4096 /dev/zero >"$folder/.probe"; } 2>&1) || { rm -f "$folder/.probe"; die "The folder $folder cannot be written to: $(why_not "$said")"; }
        rm -f "$folder/.probe"
    done
}

need_php_extensions() {
    loaded=$(php -r 'echo " ".strtolower(implode(" ", get_loaded_extensions()))." ";' 2>/dev/null) || loaded=''
    for extension in $1; do
        case "$loaded" in *" $extension "*) ;; *) return 1 ;; esac
    done
}

# Held while packages and screens are put in place; freed with  flock -u 9.
hold_setup() {
    exec 9>"$1/var/setup.lock"
    flock -w 900 9 || die "Another ./start or ./check has been setting up in $1 for 15 minutes: stop it ($(fuser "$1/var/setup.lock" 2>/dev/null | tr -s ' ')) and start again."
}

# The address of this machine in the house, as another machine there reaches it; nothing is sent to find it.
house_address() {
    php -r '$s = @stream_socket_client("udp://192.0.2.1:9", $n, $t, 1); $a = $s ? (string) stream_socket_get_name($s, false) : ""; echo preg_replace("/:[0-9]+$/", "", $a);' 2>/dev/null
}

# holders FILE: the processes that have it open.
holders() {
    find /proc/[0-9]*/fd -lname "$1" 2>/dev/null | cut -d/ -f3 | sort -un
}

# end_left_over LOCK: a server that outlived its ./start holds the notebook, and nobody can press Ctrl-C there any more. It is ended,
# and nothing else: whoever has that lock open is of this notebook. Where a ./start lives, nothing is.
end_left_over() {
    left=$(holders "$1" | grep -vx "$$")
    for pid in $left; do
        if tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qE '^([^ ]*/)?(ba)?sh ([^ ]*/)?start( |$)'; then return 1; fi
    done
    [ -n "$left" ] || return 0
    # shellcheck disable=SC2086
    kill -TERM $left 2>/dev/null
    for _ in {1..40}; do [ -n "$(holders "$1" | grep -vx "$$")" ] || break; sleep 0.05; done
    # shellcheck disable=SC2046
    kill -KILL $(holders "$1" | grep -vx "$$") 2>/dev/null
    say "A server was left behind by a ./start that is gone, and was ended (process $(echo $left | sed 's/ /, /g'))."
}

# Logs that have grown beyond a megabyte lose their beginning; who writes goes on at the end.
short_logs() {
    for grown in "$1"/*.log; do
        [ -f "$grown" ] && [ "$(wc -c <"$grown")" -gt 1000000 ] || continue
        tail -c 200000 "$grown" >"$grown.short" && cat "$grown.short" >"$grown"
        rm -f "$grown.short"
    done
}

# A registry that stops answering in the middle is asked anew: three times ten minutes at most.
persistently() {
    for attempt in 1 2 3; do
        timeout --foreground -k 10 600 "$@" </dev/null && return
        [ "$attempt" = 3 ] || sleep 2
    done
    return 1
}

# debian_install [--without-services] PACKAGES…: installs Debian packages when this user may; otherwise prints the one command and
# stops. Without services: what these packages bring to run by itself is neither started now nor at the next boot.
debian_install() {
    local quiet=''
    [ "$1" != --without-services ] || { quiet=yes; shift; }
    if [ "$(id -u)" = 0 ]; then as=''; elif command -v sudo >/dev/null 2>&1 && sudo -n true 2>/dev/null; then as='sudo'; else
        die "Missing: $*. Run this once, then start again:  sudo apt-get install -y $*"
    fi
    command -v apt-get >/dev/null 2>&1 || die "Missing: $*. This is not a Debian system: install them by its own means and start again."
    say "Installing $* …"
    log=$(mktemp)
    local policy=''
    if [ -n "$quiet" ] && [ ! -e /usr/sbin/policy-rc.d ]; then
        policy=/usr/sbin/policy-rc.d
        printf '#!/bin/sh\nexit 101\n' | $as tee "$policy" >/dev/null && $as chmod 755 "$policy"
    fi
    { persistently $as apt-get update -qq && persistently $as env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@"; } >"$log" 2>&1 \
        || { [ -z "$policy" ] || $as rm -f "$policy"; tail -n 5 "$log" >&2; rm -f "$log"; die "Installing $* failed; run it by hand:  sudo apt-get install -y $*"; }
    [ -z "$policy" ] || $as rm -f "$policy"
    if [ -n "$quiet" ] && command -v systemctl >/dev/null 2>&1; then
        for service in "$@"; do $as systemctl disable "$service" >/dev/null 2>&1; done
    fi
    rm -f "$log"
}

# The two servers of --phone; they run only while ./start does.
need_servers() {
    missing=''
    command -v nginx >/dev/null 2>&1 || missing="$missing nginx-light"
    command -v openssl >/dev/null 2>&1 || missing="$missing openssl"
    command -v php-fpm8.2 >/dev/null 2>&1 || missing="$missing php8.2-fpm"
    # shellcheck disable=SC2086
    [ -z "$missing" ] || debian_install --without-services $missing
}

need_base() {
    missing=''
    command -v php >/dev/null 2>&1 || missing="$missing php8.2-cli"
    if [ -n "$missing" ] || ! need_php_extensions 'pdo_sqlite mbstring xml dom curl zip gd'; then
        missing="$missing php8.2-sqlite3 php8.2-mbstring php8.2-xml php8.2-curl php8.2-zip php8.2-gd"
    fi
    command -v composer >/dev/null 2>&1 || missing="$missing composer"
    command -v node >/dev/null 2>&1 || missing="$missing nodejs npm"
    command -v npm >/dev/null 2>&1 || case "$missing" in *npm*) ;; *) missing="$missing npm" ;; esac
    # shellcheck disable=SC2086
    [ -z "$missing" ] || debian_install $missing
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || die "PHP 8.2 or later is needed; this is $(php -r 'echo PHP_VERSION;')."
    node -e 'process.exit(Number(process.versions.node.split(".")[0]) >= 20 ? 0 : 1)' || die "Node 20 or later is needed; this is $(node --version)."
}

# composer_into FOLDER FLAGS…: installs the packages there when composer.json changed.
composer_into() {
    folder=$1
    shift
    local mark
    mark=$(sha256sum <composer.json | cut -d' ' -f1)
    unchanged "$folder/.mark" "$mark" && return
    say 'Installing the PHP packages …'
    log=$(mktemp)
    persistently env COMPOSER_VENDOR_DIR="$folder" COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet "$@" >"$log" 2>&1 \
        || { tail -n 15 "$log" >&2; rm -f "$log"; die 'Composer could not install the packages (see above); the first time it needs the network.'; }
    rm -f "$log"
    printf '%s' "$mark" >"$folder/.mark"
}

# What serves has no development packages.
served_packages() { composer_into "$1/var/vendor" --no-dev --classmap-authoritative; }

npm_packages() {
    local mark
    mark=$(sha256sum <package-lock.json | cut -d' ' -f1)
    unchanged node_modules/.mark "$mark" && return
    say 'Installing the npm packages …'
    log=$(mktemp)
    persistently npm ci --no-audit --no-fund >"$log" 2>&1 \
        || { tail -n 15 "$log" >&2; rm -f "$log"; die 'npm could not install the packages (see above); the first time it needs the network.'; }
    rm -f "$log"
    printf '%s' "$mark" >node_modules/.mark
}

front_end_mark() { mark_of resources core/words/en/screens openapi.yaml schemas vite.config.ts package-lock.json tsconfig.json; }

front_end() {
    local mark
    mark=$(front_end_mark)
    [ -f public/build/index.html ] && unchanged public/build/.mark "$mark" && return
    npm_packages
    say 'Building the screens …'
    log=$(mktemp)
    { npm run --silent types && npm run --silent build; } >"$log" 2>&1 \
        || { tail -n 30 "$log" >&2; rm -f "$log"; die 'The screens could not be built (see above).'; }
    rm -f "$log"
    printf '%s' "$mark" >public/build/.mark
}
