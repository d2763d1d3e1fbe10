# ./incastro test and ./incastro bench

TEST_STATE=''

clean_up_tests() {
    [ -n "$TEST_STATE" ] || return 0
    STATE=$TEST_STATE
    halt
    rm -rf "$TEST_STATE" "${SOCKETS:-/nonexistent}"
}

# A whole application of its own, on free ports, beside whatever else runs here.
serve_for_tests() {
    [ -z "$TEST_STATE" ] || return 0
    TEST_STATE=$(mktemp -d /tmp/incastro-test.XXXXXX)
    trap clean_up_tests EXIT
    trap 'exit 130' INT TERM
    INCASTRO_STATE=$TEST_STATE choose_places
    mirror_source
    TEST_PORT=$(free_port)
    set_up "$TEST_PORT" true
    launch "$TEST_PORT"
    export TEST_PORT
}

test_style() {
    say '— style and types'
    (cd "$ROOT" && quietly vendor/bin/pint --test) || return 1
    (cd "$ROOT" && quietly vendor/bin/phpstan analyse -c core/phpstan.neon --no-progress --memory-limit=1G) || return 1
    (cd "$ROOT" && quietly vendor/bin/phpstan analyse -c phpstan.neon --no-progress --memory-limit=1G) || return 1
    (cd "$ROOT" && quietly npm run check) || return 1
    say 'pint, phpstan (core at max, app), vue-tsc, eslint, prettier: clean'
}

test_core() {
    say '— core'
    (cd "$ROOT" && vendor/bin/phpunit -c core/phpunit.xml) || return 1
    say '— interface logic'
    (cd "$ROOT" && npx vitest run) || return 1
}

test_feature() {
    say '— features, against PostgreSQL'
    # Printed pages are read back with the same tools the browser tests need.
    ensure_packages browser
    serve_for_tests
    local db
    db=incastro_feature
    # shellcheck source=/dev/null
    . "$STATE/secrets"
    PGPASSWORD=$DB_PASSWORD "$(pg_bin)/createdb" -h 127.0.0.1 -p "$(cut -d' ' -f2 "$STATE/ports")" -U incastro "$db" 2>/dev/null || true
    mkdir -p "$STATE/feature/storage"/{logs,framework/sessions,framework/views,framework/cache/data} "$STATE/feature/cache"
    (
        cd "$ROOT"
        # Not the served application's settings and caches: the tests bring their own.
        unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_SERVICES_CACHE APP_PACKAGES_CACHE APP_EVENTS_CACHE VIEW_COMPILED_PATH
        export INCASTRO_STATE=$STATE/feature
        export APP_CONFIG_CACHE=$INCASTRO_STATE/cache/config.php APP_ROUTES_CACHE=$INCASTRO_STATE/cache/routes.php \
            APP_SERVICES_CACHE=$INCASTRO_STATE/cache/services.php APP_PACKAGES_CACHE=$INCASTRO_STATE/cache/packages.php \
            APP_EVENTS_CACHE=$INCASTRO_STATE/cache/events.php VIEW_COMPILED_PATH=$INCASTRO_STATE/storage/framework/views
        DB_HOST=127.0.0.1 DB_PORT=$(cut -d' ' -f2 "$STATE/ports") DB_DATABASE=$db DB_USERNAME=incastro DB_PASSWORD=$DB_PASSWORD \
            DB_PERSISTENT=false APP_KEY=$APP_KEY vendor/bin/phpunit -c phpunit.xml --testsuite feature
    )
}

test_browser() {
    say '— the interface, in headless Chromium'
    ensure_packages browser
    serve_for_tests
    (cd "$ROOT" && BASE_URL="http://127.0.0.1:$TEST_PORT" npx playwright test)
}

# Kills services, fills and restores: last, on the served whole.
test_running() {
    say '— the running whole: faults, backup and restore'
    serve_for_tests
    (cd "$ROOT" && RUNNING_STATE=$TEST_STATE BASE_URL="http://127.0.0.1:$TEST_PORT" vendor/bin/phpunit -c phpunit.xml --testsuite running)
}

core_beside() {
    local ended=0
    wait "$1" || ended=1
    cat "$2"
    rm -f "$2"
    return $ended
}

# Runs a part of the tests by a command and keeps the count; `passed` and `failed` are the caller's.
count() {
    local part=$1
    shift
    if "$@"; then passed=$((passed + 1)); else
        failed=$((failed + 1))
        say "FAILED: $part"
    fi
}

cmd_test() {
    local what=${1:-all} part failed=0 passed=0
    case $what in all | core | feature | browser | running | style) ;; *) fail "\"$what\" is not a part of the tests; expected core, feature, browser, running or style." ;; esac
    prepare with_tools
    # The core needs neither database nor server: it is tested beside all the rest, and read at the end.
    local beside='' log=''
    if [ "$what" = all ]; then
        log=$(mktemp /tmp/incastro-core.XXXXXX)
        (test_core) >"$log" 2>&1 &
        beside=$!
    fi
    for part in style core feature browser running; do
        [ "$what" = all ] || [ "$what" = $part ] || continue
        if [ "$part" = core ] && [ -n "$beside" ]; then continue; fi
        count "$part" "test_$part"
    done
    [ -z "$beside" ] || count core core_beside "$beside" "$log"
    say "parts: $passed passed, $failed failed"
    [ $failed = 0 ]
}

cmd_bench() {
    if [ "${1:-}" = nest ]; then
        shift
        ensure_packages && ensure_php_packages
        (cd "$ROOT" && php support/bench/nest.php "$@")
        return
    fi
    case ${1:-} in
        load | fuzz)
            local which=$1
            shift
            prepare
            # Fifty people come from one address, and ten thousand questions.
            export INCASTRO_LIMITS=off
            serve_for_tests
            (cd "$ROOT" && RUNNING_STATE=$TEST_STATE nice -n 19 php "support/bench/$which.php" "http://127.0.0.1:$TEST_PORT" "$@")
            return
            ;;
        faults)
            shift
            prepare
            (cd "$ROOT" && php support/bench/faults.php "$@")
            return
            ;;
        plans | assembly | survey)
            local offline=$1
            shift
            ensure_packages && ensure_php_packages
            (cd "$ROOT" && php "support/bench/$offline.php" "$@")
            return
            ;;
        '') ;;
        *) fail "\"$1\" is not a benchmark; expected nest, load, fuzz, plans, assembly, survey, faults or nothing." ;;
    esac
    prepare with_tools
    serve_for_tests
    (cd "$ROOT" && php support/bench/bench.php "http://127.0.0.1:$TEST_PORT" && php support/bench/survey.php 100 && php support/bench/piece.php && php support/bench/carry.php)
    ensure_packages browser
    (cd "$ROOT" && node support/bench/page.mjs "http://127.0.0.1:$TEST_PORT")
}
