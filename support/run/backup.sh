# ./incastro backup and ./incastro restore: database and files in one archive that says what is in it.

pg() {
    local program=$1
    shift
    PGPASSWORD=$DB_PASSWORD "$(pg_bin)/$program" -h 127.0.0.1 -p "$(cut -d' ' -f2 "$STATE/ports")" -U incastro "$@"
}

# Must run, because the database is asked; its secrets are read.
need_running() {
    choose_places
    is_running || fail 'start it first: ./incastro start'
    # shellcheck source=/dev/null
    . "$STATE/secrets"
}

cmd_backup() {
    local out=${1:-incastro-$(date +%Y-%m-%d-%H%M%S).tar}
    [ ! -e "$out" ] || fail "$out is there already; name another file, or take it away first."
    need_running
    local work
    work=$(mktemp -d "${TMPDIR:-/tmp}/incastro-backup.XXXXXX")
    # shellcheck disable=SC2064
    trap "rm -rf '$work' '$out.part'" EXIT
    # The database first: a photo that comes in meanwhile is in the files, and at worst no project names it.
    quietly pg pg_dump -Fc -f "$work/database.dump" incastro || fail 'the database could not be read; the log says more.'
    tar -C "$STATE/storage" -cf "$work/files.tar" app || fail 'the files could not be read.'
    printf 'incastro backup 1\nmade %s\nmigrations %s\n' "$(date -u +%Y-%m-%dT%H:%M:%SZ)" "$(pg psql -Atqc 'select count(*) from migrations' incastro)" >"$work/about"
    (cd "$work" && sha256sum about database.dump files.tar >checksums)
    (umask 077 && tar -C "$work" -cf "$out.part" checksums about database.dump files.tar) || fail "$out could not be written (is the disk full?)."
    mv "$out.part" "$out"
    say "Backed up to $out ($(du -h "$out" | cut -f1)): database and photos. Keep it somewhere else; ./incastro restore $out brings it back."
}

# Nothing is touched before the archive is known to be whole and its database stands beside the present one.
cmd_restore() {
    local in=${1:-} work
    [ -n "$in" ] || fail 'name the archive: ./incastro restore FILE'
    [ -f "$in" ] || fail "there is no file $in."
    need_running
    work=$(mktemp -d "$STATE/restore.XXXXXX")
    # shellcheck disable=SC2064
    trap "rm -rf '$work'" EXIT
    unpack_backup "$in" "$work"
    local now
    now=$(date +%Y%m%d%H%M%S)
    pg createdb "incastro_new_$now" 2>/dev/null || fail 'a database to restore into could not be made.'
    if ! quietly pg pg_restore --exit-on-error --no-owner -d "incastro_new_$now" "$work/database.dump"; then
        pg dropdb --if-exists "incastro_new_$now"
        fail 'the database in the archive could not be read; nothing was changed.'
    fi
    swap_database "$now" || fail "the databases could not be swapped; nothing was changed."
    rm -rf "$STATE/storage/app.before"
    mv "$STATE/storage/app" "$STATE/storage/app.before"
    mv "$work/files/app" "$STATE/storage/app"
    is_root && chown -R "$SERVICE_USER:" "$STATE/storage/app"
    restart_after_restore
    say "Restored from $in ($(sed -n 's/^made //p' "$work/about")). What was there before is kept as database incastro_before and folder storage/app.before until the next restore."
}

unpack_backup() {
    local in=$1 work=$2 names
    names=$(tar -tf "$in" 2>/dev/null | sort | tr '\n' ' ') || true
    [ "$names" = 'about checksums database.dump files.tar ' ] || fail "$in is no backup made by ./incastro backup, or is damaged; nothing was changed."
    tar -C "$work" -xf "$in" --no-same-owner || fail "$in is damaged; nothing was changed."
    (cd "$work" && sha256sum -c --status --strict checksums) || fail "$in is damaged: a checksum does not fit; nothing was changed."
    grep -qx 'incastro backup 1' "$work/about" || fail "$in was made by another version; this one reads backups of version 1."
    mkdir "$work/files"
    # Only plain files and folders under app/ come out.
    if tar -tf "$work/files.tar" | grep -qvE '^app(/|$)' || tar -tvf "$work/files.tar" | grep -qv '^[d-]'; then
        fail "$in holds files that do not belong there; nothing was changed."
    fi
    tar -C "$work/files" -xf "$work/files.tar" --no-same-owner || fail "$in is damaged; nothing was changed."
}

# Whoever is connected is sent away; the names change hands in one step.
swap_database() {
    local now=$1
    pg dropdb --if-exists incastro_before >/dev/null 2>&1 || true
    pg psql -qX -v ON_ERROR_STOP=1 postgres >/dev/null <<SQL
select pg_terminate_backend(pid) from pg_stat_activity where datname in ('incastro', 'incastro_new_$now') and pid <> pg_backend_pid();
alter database incastro rename to incastro_before;
alter database incastro_new_$now rename to incastro;
SQL
}

# What is open on the old database is begun anew; older backups are brought up to date.
restart_after_restore() {
    laravel_env
    (cd "$APP" && quietly as_service php artisan migrate --force) || fail 'the restored database could not be brought up to date; the log says more.'
    (cd "$APP" && quietly as_service php artisan queue:restart) || true
    kill -HUP "$(owner)" 2>/dev/null || true
}
