# What ./start --phone takes besides: sourced by ./start, whose names it uses; never run.
# shellcheck source=server/authority.sh
. server/authority.sh

# The address in the house that the certificate is for.
need_house_host() {
    [ "$port" -lt 65535 ] || die 'With --phone the port must be below 65535: the next one is taken too.'
    [ -n "$host" ] || host=$(house_address)
    case "$host" in
        '') die 'This machine has no address in a house network: connect it, or say which with --host.' ;;
        *[!0-9a-fA-F.:]* | 0.0.0.0 | :: | ::1 | 127.0.0.1) die "With --phone the host must be this machine’s address in the house, like 192.168.1.20; “$host” is not." ;;
    esac
}

# write_doors HOST PORT: what PHP and the web server are told.
write_doors() {
    # The name of a socket is short: in a folder of its own where that of the notebook is long.
    export MIXER_DOORS=$serve MIXER_SOCKET=$serve/php.sock
    [ "${#MIXER_SOCKET}" -lt 100 ] || MIXER_SOCKET=$(mktemp -d)/php.sock
    mkdir -p "$data/tls" "$serve/trust" "$serve/nginx"
    write_authority "$data/tls" "$host" || die 'The certificate of this household could not be made (see above).'
    # Started by root, PHP is told that it may stay root: everything here belongs to whoever starts it.
    owner=''
    [ "$(id -u)" != 0 ] || owner=$(printf 'user = root\ngroup = root\nlisten.owner = root\nlisten.group = root')
    cat >"$serve/fpm.conf" <<POOL
[global]
daemonize = no
error_log = /dev/stderr
log_level = warning
[mixer]
$owner
listen = $MIXER_SOCKET
listen.mode = 0600
pm = static
pm.max_children = ${MIXER_WORKERS:-4}
pm.max_requests = 5000
request_terminate_timeout = 120s
clear_env = no
catch_workers_output = yes
decorate_workers_output = no
POOL
    php "$root/server/doors.php" "$serve" "$host" "$port" || die 'What the web server is told could not be written.'
}

drop_socket() {
    rm -f "$MIXER_SOCKET"
    [ "$MIXER_SOCKET" = "$serve/php.sock" ] || rmdir "${MIXER_SOCKET%/*}" 2>/dev/null
}

# The page that says how to trust this machine.
write_trust() {
    authority_file=$data/tls/authority.crt
    cp "$authority_file" "$serve/trust/idle-mixer.crt"
    fingerprint=$(php -r 'echo implode(":", str_split(strtoupper((string) openssl_x509_fingerprint((string) file_get_contents($argv[1]), "sha256")), 2));' "$authority_file")
    sed -e "s|@fingerprint@|$fingerprint|g" -e "s|@address@|https://$bracketed:$port/|g" "$root/resources/trust.html" >"$serve/trust/trust.html"
}

# The addresses, and a code for the phone's camera.
say_house() {
    say "Idle Mixer is at http://127.0.0.1:$port/ on this machine (Ctrl-C stops it)."
    say "From the phone at the bench, encrypted: https://$bracketed:$port/"
    say "The first time, open http://$bracketed:$((port + 1))/ there, which says in three steps how to trust this machine:"
    node "$root/server/code.mjs" "http://$bracketed:$((port + 1))/"
    say 'The fingerprint of its certificate (SHA-256), to compare:'
    say "$fingerprint"
}
