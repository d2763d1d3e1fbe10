# Where things live while the application runs.
#   STATE  database cluster, settings, logs, files (var/ of this folder, or $INCASTRO_STATE)
#   APP    the source that is served: this folder, or a mirror of it where the service user cannot reach it

ensure_service_user() {
    is_root || return 0
    id "$SERVICE_USER" >/dev/null 2>&1 && return
    useradd --system --user-group --home-dir /nonexistent --shell /usr/sbin/nologin "$SERVICE_USER"
}

# A path is written into the files of four servers; of those characters one of them makes something else.
refuse_path() {
    case $1 in
        *[\"\\\$\`\;]* | *$'\n'*) fail "the path of this folder has a quote, a dollar, a semicolon, a backslash or a line's end in it, which the servers cannot be told of: move it. $(printf '%s' "$1" | tr '\n' ' ')" ;;
    esac
}

is_reachable() { setpriv --reuid="$SERVICE_USER" --regid="$SERVICE_USER" --clear-groups test -r "$1/incastro"; }

choose_places() {
    refuse_path "$ROOT"
    refuse_path "${INCASTRO_STATE:-}"
    ensure_service_user
    APP=$ROOT
    STATE=${INCASTRO_STATE:-$ROOT/var/run}
    if is_root && ! is_reachable "$ROOT"; then
        local home
        home=/var/lib/incastro/$(hash_of "$ROOT")
        APP=$home/app
        STATE=${INCASTRO_STATE:-$home/state}
        mirrored=yes
    fi
    # Socket paths may be 107 characters at most: they get a short folder of their own.
    SOCKETS=/tmp/incastro-$(id -u)-$(hash_of "$STATE")
    export APP STATE SOCKETS
}

mirror_source() {
    [ "${mirrored:-}" = yes ] || return 0
    say "The user that serves cannot read $ROOT; a copy is served from $APP."
    mkdir -p "$APP"
    # A folder above it may be from a time under a strict umask.
    chmod a+x /var/lib/incastro "$(dirname "$APP")"
    (cd "$ROOT" && tar -cf - --exclude=./var --exclude=./node_modules --exclude=./.git .) | tar -xf - -C "$APP" --no-same-owner
    # What a strict umask closed in the folder it is from must be read here.
    chmod -R a+rX "$APP"
}

make_state() {
    mkdir -p "$STATE"/{log,nginx,storage/logs,storage/framework/sessions,storage/framework/views,storage/framework/cache/data,storage/app,cache} "$SOCKETS"
    chmod 700 "$STATE" "$SOCKETS"
    if [ ! -f "$STATE/secrets" ]; then
        (umask 077 && printf 'DB_PASSWORD=%s\nAPP_KEY=base64:%s\n' "$(random_secret)" "$(php -r 'echo base64_encode(random_bytes(32));')" >"$STATE/secrets")
    fi
    read_secrets
}

# One for each role of the database; a state from before there were roles gets theirs now.
read_secrets() {
    local name
    for name in DB_OWNER_PASSWORD DB_APP_PASSWORD DB_RESTORE_PASSWORD; do
        grep -q "^$name=" "$STATE/secrets" || printf '%s=%s\n' "$name" "$(random_secret)" >>"$STATE/secrets"
    done
    # shellcheck source=/dev/null
    . "$STATE/secrets"
    export DB_OWNER_PASSWORD DB_APP_PASSWORD DB_RESTORE_PASSWORD
}

# A database that a person has set elsewhere has its own owner, roles and backups.
database_is_elsewhere() { grep -qsE '^DB_(HOST|USERNAME)=' "$STATE/settings"; }

settings_example() {
    cat <<'TEXT'
# Settings of this server, one a line; docs/operating.md says what there is. They hold from the next start.
# INCASTRO_DEMO=false
# INCASTRO_SIGN_UP=false
# MAIL_MAILER=smtp
TEXT
}

# Settings that Laravel reads; everything a person may change is in docs/operating.md.
write_settings() {
    local port=$1 db_port=$2 demo=$3
    (
        umask 077
        [ -f "$STATE/settings" ] || settings_example >"$STATE/settings"
        cat >"$STATE/.env" <<ENV
APP_ENV=${APP_ENV:-production}
APP_DEBUG=false
APP_KEY=$APP_KEY
APP_URL=${INCASTRO_URL:-http://127.0.0.1:$port}
INCASTRO_LAN_HOSTS=${INCASTRO_LAN_HOSTS:-}
APP_LOG="$STATE/log/app.log"
DB_HOST=127.0.0.1
DB_PORT=$db_port
DB_DATABASE=incastro
DB_USERNAME=incastro_app
DB_PASSWORD=$DB_APP_PASSWORD
SESSION_DRIVER=file
SESSION_LIFETIME=20160
SESSION_COOKIE=incastro_$port
CACHE_STORE=file
QUEUE_CONNECTION=database
INCASTRO_DEMO=$demo
INCASTRO_SIGN_UP=${SIGN_UP:-true}
INCASTRO_LIMITS=${INCASTRO_LIMITS:-on}
INCASTRO_CORE_HASH=$(hash_files "$APP" core/src)
ENV
        # The last of two values counts: what a person set stands before ours.
        grep -E '^[A-Z][A-Z0-9_]*=' "$STATE/settings" >>"$STATE/.env" || true
    )
    printf '%s %s\n' "$port" "$db_port" >"$STATE/ports"
}

own_state() { is_root && chown -R "$SERVICE_USER:$SERVICE_USER" "$STATE" "$SOCKETS" || true; }

laravel_env() {
    export INCASTRO_STATE=$STATE
    export APP_CONFIG_CACHE=$STATE/cache/config.php APP_ROUTES_CACHE=$STATE/cache/routes.php
    export APP_SERVICES_CACHE=$STATE/cache/services.php APP_PACKAGES_CACHE=$STATE/cache/packages.php
    export APP_EVENTS_CACHE=$STATE/cache/events.php VIEW_COMPILED_PATH=$STATE/storage/framework/views
}
