# How the command speaks, and the small tools every part uses.

say() { printf '%s\n' "$*"; }

fail() {
    printf 'incastro: %s\n' "$*" >&2
    exit 1
}

# Runs quietly; shows what was printed only when it goes wrong.
quietly() {
    local out
    out=$(mktemp)
    if ! "$@" >"$out" 2>&1; then
        cat "$out" >&2
        rm -f "$out"
        return 1
    fi
    rm -f "$out"
}

is_root() { [ "$(id -u)" = 0 ]; }

# As root the services run as an unprivileged user of their own.
SERVICE_USER=incastro

as_service() { (as_service_exec "$@"); }

as_service_exec() {
    if is_root; then
        exec setpriv --reuid="$SERVICE_USER" --regid="$SERVICE_USER" --clear-groups --no-new-privs env HOME="$STATE" "$@"
    else
        exec "$@"
    fi
}

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }

port_is_taken() { php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $e, $m, 0.5) ? 0 : 1);' "$1"; }

random_secret() { php -r 'echo bin2hex(random_bytes(20));'; }

hash_of() { printf '%s' "$1" | sha256sum | cut -c1-12; }

# A hash over the names and contents of files below a folder, to know whether something must be built again. Where the folder is does not matter.
hash_files() { (cd "$1" && shift && find "$@" -type f -print0 2>/dev/null | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum | cut -c1-32); }
