# Starting, stopping and looking at the services. support/run/supervise.php keeps them up.

DEFAULT_PORT=8610

write_nginx() {
    local port=$1 lan_port=${2:-}
    {
        cat <<CONF
daemon off;
worker_processes 1;
pid "$SOCKETS/nginx.pid";
error_log "$STATE/log/nginx.log" warn;
events { worker_connections 512; }
http {
    limit_conn_zone \$binary_remote_addr zone=links:1m;
    include /etc/nginx/mime.types;
    types { font/woff2 woff2; }
    default_type application/octet-stream;
    access_log off;
    sendfile on;
    server_tokens off;
    gzip on;
    gzip_types application/json application/javascript text/css text/javascript image/svg+xml;
    gzip_min_length 1024;
    gzip_static on;
    client_max_body_size 12m;
    client_body_temp_path "$STATE/nginx/body";
    proxy_temp_path "$STATE/nginx/proxy";
    fastcgi_temp_path "$STATE/nginx/fastcgi";
    uwsgi_temp_path "$STATE/nginx/uwsgi";
    scgi_temp_path "$STATE/nginx/scgi";
    server {
        listen ${INCASTRO_LISTEN:-127.0.0.1}:$port;
CONF
        if [ -n "$lan_port" ]; then
            cat <<CONF
        listen 0.0.0.0:$lan_port ssl;
        ssl_certificate "$STATE/lan.crt";
        ssl_certificate_key "$STATE/lan.key";
        location = /certificate.crt {
            alias "$STATE/lan-ca.crt";
            default_type application/x-x509-ca-cert;
        }
CONF
        fi
        cat <<CONF
        root "$APP/public";
        add_header X-Content-Type-Options nosniff always;
        add_header X-Frame-Options DENY always;
        add_header Referrer-Policy same-origin always;
        add_header Cross-Origin-Opener-Policy same-origin always;
        add_header Permissions-Policy "camera=(self), geolocation=(), microphone=(), payment=(), usb=()" always;
        # No script but our own files; styles are also set by the components themselves.
        add_header Content-Security-Policy "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'" always;
        location /build/ {
            expires 1y;
            try_files \$uri =404;
        }
        # The meter is for who is signed in, from these pages; a few open links for each address.
        location = /meter-allowed {
            internal;
            include /etc/nginx/fastcgi_params;
            fastcgi_param HTTP_HOST \$http_host;
            fastcgi_param REQUEST_URI /api/meter;
            fastcgi_param REQUEST_METHOD GET;
            fastcgi_param CONTENT_LENGTH "";
            fastcgi_pass_request_body off;
            fastcgi_param SCRIPT_FILENAME "$APP/public/index.php";
            fastcgi_pass unix:$SOCKETS/fpm.sock;
        }
        location /meter/ {
            auth_request /meter-allowed;
            limit_conn links 12;
            proxy_pass http://unix:$SOCKETS/meter.sock;
            proxy_buffering off;
            proxy_read_timeout 1h;
        }
        # A packed project with its photos; nothing else may be so large.
        location = /api/projects { client_max_body_size 100m; try_files \$uri /index.php\$is_args\$args; }
        location = /sw.js { expires -1; }
        location / { try_files \$uri /index.php\$is_args\$args; }
        location = /index.php {
            include /etc/nginx/fastcgi_params;
            # Debian sets HTTP_HOST without its port; links and redirects need it.
            fastcgi_param HTTP_HOST \$http_host;
            fastcgi_param SCRIPT_FILENAME "$APP/public/index.php";
            fastcgi_pass unix:$SOCKETS/fpm.sock;
            fastcgi_read_timeout 60s;
            fastcgi_buffers 32 32k;
            fastcgi_buffer_size 32k;
        }
        location ~ \.php\$ { return 404; }
    }
}
CONF
    } >"$STATE/nginx.conf"
}

# Four children a processor, so that who only reads is answered while plans wait for their turn; never more than the database has room for.
fpm_children() {
    local count=$(($(nproc) * 4))
    echo $((count < 8 ? 8 : count > 48 ? 48 : count))
}

write_fpm() {
    cat >"$STATE/fpm.conf" <<CONF
[global]
daemonize = no
error_log = "$STATE/log/fpm.log"
[web]
listen = $SOCKETS/fpm.sock
pm = static
pm.max_children = $(fpm_children)
pm.max_requests = 2000
clear_env = no
catch_workers_output = yes
php_admin_value[memory_limit] = 256M
php_admin_value[post_max_size] = 100M
php_admin_flag[expose_php] = off
php_admin_flag[display_errors] = off
php_admin_value[error_log] = "$STATE/log/php.log"
CONF
}

write_services() {
    SOCKETS=$SOCKETS PG_BIN=$(pg_bin) FPM=$(fpm_bin) NGINX=$(nginx_bin) PHP=$(command -v php) DB_PORT=$1 php "$ROOT/support/run/services.php" >"$STATE/services.json"
}

# Asked of the lock that the supervisor holds for life, never of a number in a file.
is_running() { [ -f "$STATE/lock" ] && ! flock -n "$STATE/lock" true; }

# The supervisor's process, where it is the one that wrote its number there.
owner() {
    local pid began stat
    read -r pid began <"$STATE/lock" 2>/dev/null || return 1
    stat=$(cat "/proc/$pid/stat" 2>/dev/null) || return 1
    [ "$(printf '%s' "${stat##*) }" | cut -d' ' -f20)" = "$began" ] || return 1
    printf '%s' "$pid"
}

# The owner by that number, and not only its remains, which wait for a parent to see them.
is_still_there() { [ "$(owner)" = "$1" ] && ! grep -q '^State:[[:space:]]*Z' "/proc/$1/status" 2>/dev/null; }

# Begins everything in the background and waits until it answers, or says why not.
launch() {
    local port=$1
    laravel_env
    own_state
    # Each step replaces the one before (exec), so that no shell stays behind as the supervisor's parent.
    rm -f "$STATE/stage"
    (cd "$APP" && as_service_exec setsid php "$APP/support/run/supervise.php" "$STATE" </dev/null >>"$STATE/log/supervisor.log" 2>&1) 8>&- &
    disown
    local waited=0 stage='' told=''
    until curl_up "$port"; do
        sleep 0.3
        waited=$((waited + 1))
        # What takes long is told.
        stage=$(cat "$STATE/stage" 2>/dev/null || true)
        if [ $((waited % 10)) = 0 ] && [ -n "$stage" ] && [ "$stage" != "$told" ]; then
            say "Waiting: $stage."
            told=$stage
        fi
        if [ -f "$STATE/failed" ] || [ $waited -gt 200 ]; then
            tail -n 15 "$STATE/log/supervisor.log" >&2 || true
            halt
            fail "the services did not come up; $STATE/log/ says more."
        fi
    done
}

curl_up() { php -r '$c = stream_context_create(["http" => ["timeout" => 3]]); exit(@file_get_contents("http://127.0.0.1:$argv[1]/up", false, $c) === false ? 1 : 0);' "$1"; }

halt() {
    local pid waited=0
    is_running || return 0
    pid=$(owner) || fail "something else holds $STATE/lock; nothing was ended."
    kill "$pid" 2>/dev/null || true
    # Its lock goes a moment before it does.
    while { is_running || is_still_there "$pid"; } && [ $waited -lt 300 ]; do
        sleep 0.1
        waited=$((waited + 1))
        # Its services end with it.
        [ $waited != 200 ] || kill -KILL "$pid" 2>/dev/null || true
    done
}

# Everything built, by one command at a time: what an interrupted one left running is waited for, not run over.
prepare() {
    ensure_packages
    mkdir -p "$ROOT/var"
    exec 9>"$ROOT/var/build.lock"
    if ! flock -n 9; then
        say 'Another ./incastro is still building here; waiting for it.'
        flock 9
    fi
    ensure_php_packages
    ensure_interface
    [ "${1:-}" != with_tools ] || ensure_node_packages
    exec 9>&-
}

set_up() {
    local port=$1 demo=$2 lan_port=${3:-} db_port
    db_port=$(free_port)
    make_state
    # Settings cached by the version before may lack what this one wants: nothing of them is kept.
    rm -f "$STATE/failed" "$STATE"/cache/*.php
    write_settings "$port" "$db_port" "$demo"
    write_nginx "$port" "$lan_port"
    write_fpm
    write_services "$db_port"
}

# One start at a time: who comes second waits, and finds it running.
alone() {
    exec 8>"$STATE/starting"
    flock -n 8 && return
    say 'Another start is under way here; waiting for it.'
    flock 8
}

already_running() {
    local now
    is_running || return 1
    now=$(cut -d' ' -f1 "$STATE/ports")
    [ -z "${PORT:-}" ] || [ "$now" = "$PORT" ] || fail "it already runs on port $now; ./incastro stop first to change the port."
    [ -z "$1" ] || fail 'it already runs; ./incastro stop first to serve the home network too.'
    say "Incastro is running: http://127.0.0.1:$now/$(demo_is_on && echo demo)"
}

cmd_start() {
    local lan='' port=${PORT:-$DEFAULT_PORT} lan_port=''
    [ "${1:-}" = --lan ] && lan=yes
    [[ $port =~ ^[0-9]+$ ]] && [ "$port" -ge 1024 ] && [ "$port" -le 65535 ] || fail "PORT is \"$port\"; expected a number from 1024 to 65535."
    ensure_packages
    choose_places
    [ ! -d "$STATE" ] || alone
    ! already_running "$lan" || return 0
    ! port_is_taken "$port" || fail "port $port is taken by another program; try PORT=$((port + 1)) ./incastro start."
    mkdir -p "$STATE"
    alone
    # Asked again: another start may have been first.
    ! already_running "$lan" || return 0
    prepare
    mirror_source
    if [ -n "$lan" ]; then
        lan_port=$((port + 1))
        ! port_is_taken "$lan_port" || fail "port $lan_port, for the home network, is taken by another program."
        make_state
        make_certificate
        SIGN_UP=here
        # On the home network it is reached by this machine's address or name, and letters say the first.
        INCASTRO_LAN_HOSTS=$(own_address),$(hostname),$(hostname).local
        export INCASTRO_LAN_HOSTS INCASTRO_URL=${INCASTRO_URL:-https://$(own_address):$lan_port}
    fi
    set_up "$port" "${INCASTRO_DEMO:-true}" "$lan_port"
    launch "$port"
    exec 8>&-
    [ "${mirrored:-}" = yes ] || ln -sfn "$STATE/log" "$ROOT/var/log" 2>/dev/null || true
    say "Incastro is running: http://127.0.0.1:$port/$(demo_is_on && echo demo)"
    tell_left
    [ -z "$lan" ] || print_lan "$lan_port"
}

# The first of two values counts.
demo_is_on() { [ "$(sed -n 's/^INCASTRO_DEMO=//p' "$STATE/.env" | tail -n 1)" != false ]; }

# In front: ends when it is told to, or when the supervisor does.
cmd_serve() {
    cmd_start
    trap 'halt; exit 0' TERM INT
    while is_running; do
        sleep 1 &
        wait $! || true
    done
    fail 'the services have ended; the log says more.'
}

cmd_stop() {
    choose_places
    if is_running; then
        halt
        say 'Incastro has stopped.'
    else
        say 'Incastro was not running.'
    fi
}

# A command of the application, which must run.
ask_running() {
    choose_places
    is_running || fail 'start it first: ./incastro start'
    laravel_env
    (cd "$APP" && as_service php artisan "$@")
}

cmd_reset() { ask_running incastro:reset || fail 'the demo house could not be put back.'; }

# What was begun in the demo house that everybody shared, before each had a copy, to an account.
cmd_adopt() {
    [ -n "${1:-}" ] || fail 'name the account: ./incastro adopt E-MAIL'
    ask_running incastro:adopt "$1" || exit 1
}

# The second factor of an account, for who has lost the device and the codes on paper.
cmd_second_factor() {
    [ "${1:-}" = off ] && [ -n "${2:-}" ] || fail 'expected: ./incastro second-factor off E-MAIL'
    ask_running incastro:second-factor off "$2" || exit 1
}

tell_left() {
    [ -f "$STATE/storage/demo-left" ] || return 0
    say "$(cat "$STATE/storage/demo-left") of the projects in the demo house that everybody shared before are somebody's own work: ./incastro adopt E-MAIL gives them to an account."
}

cmd_doctor() {
    if [ "${1:-}" = --audit ]; then
        audit
        return
    fi
    [ -z "${1:-}" ] || fail "\"$1\" is not known to doctor; expected nothing or --audit."
    local missing ok=0
    missing=$(missing_packages browser | tr '\n' ' ')
    if [ -n "${missing// /}" ]; then say "Missing Debian packages: $missing(./incastro start installs them)"; ok=1; else say 'Debian packages: all there.'; fi
    if [ -f "$ROOT/vendor/autoload.php" ]; then say 'PHP packages: there.'; else say 'PHP packages: not fetched yet (./incastro start does).'; ok=1; fi
    if [ -f "$ROOT/public/build/manifest.json" ]; then say 'Interface: built.'; else say 'Interface: not built yet (./incastro start does).'; ok=1; fi
    if command -v php >/dev/null; then
        choose_places
        if is_running; then
            local port
            port=$(cut -d' ' -f1 "$STATE/ports")
            if curl_up "$port"; then say "Services: running and healthy on port $port."; else say "Services: running on port $port but not healthy; see $STATE/log."; ok=1; fi
        else
            say 'Services: not running (./incastro start).'
        fi
    fi
    return $ok
}

# Letters are files where no mail server is set: shown as they would be sent.
cmd_mail() {
    choose_places
    local found=0 letter
    for letter in "$STATE/storage/mail/"*.eml; do
        [ -e "$letter" ] || continue
        found=1
        say "$(basename "$letter")"
        php -r 'echo quoted_printable_decode(file_get_contents($argv[1])), "\n";' "$letter"
    done
    [ "$found" = 1 ] || say "No letter was written."
}
