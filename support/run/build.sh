# What is made from the source: PHP packages, the interface's files. Done again only when their input changed.

stamp_is() { [ -f "$ROOT/var/stamps/$1" ] && [ "$(cat "$ROOT/var/stamps/$1")" = "$2" ]; }

put_stamp() {
    mkdir -p "$ROOT/var/stamps"
    printf '%s' "$2" >"$ROOT/var/stamps/$1"
}

ensure_php_packages() {
    local hash
    hash=$(hash_files "$ROOT" composer.json core/composer.json support/compat/composer.json)
    if [ -f "$ROOT/vendor/autoload.php" ] && stamp_is composer "$hash"; then return; fi
    say 'Fetching the PHP packages.'
    (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 quietly composer update --no-interaction --no-progress --optimize-autoloader) ||
        fail 'the PHP packages could not be fetched; the first start needs a network.'
    # Some archives come unreadable to others; the service user must read what it runs.
    chmod -R a+rX "$ROOT/vendor"
    put_stamp composer "$hash"
}

ensure_node_packages() {
    local hash
    ensure_node
    hash=$(hash_files "$ROOT" package-lock.json)
    if [ -x "$ROOT/node_modules/.bin/vite" ] && stamp_is npm "$hash"; then return; fi
    say 'Fetching the packages that build the interface.'
    (cd "$ROOT" && PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 quietly npm ci --no-audit --no-fund) ||
        fail "the interface's packages could not be fetched; the first start needs a network."
    put_stamp npm "$hash"
}

ensure_interface() {
    local hash
    hash=$(hash_files "$ROOT" resources schema vite.config.ts package-lock.json)
    if [ -f "$ROOT/public/build/manifest.json" ] && stamp_is interface "$hash"; then return; fi
    ensure_node_packages
    say 'Building the interface.'
    (cd "$ROOT" && quietly npm run build) || fail 'the interface could not be built.'
    # Compressed once and well, instead of quickly at each request.
    find "$ROOT/public/build" -type f \( -name '*.js' -o -name '*.css' -o -name '*.svg' \) -exec gzip -9 -k -f {} +
    chmod -R a+rX "$ROOT/public"
    put_stamp interface "$hash"
}
