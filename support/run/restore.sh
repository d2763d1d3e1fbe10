# ./incastro restore: back to what an archive holds. An archive comes from anywhere and is believed in nothing: an empty database is made by our own migrations,
# as far as the archive's own had come, and only rows are put into it, by a role that may do nothing else.

cmd_restore() {
    local in=${1:-} work
    [ -n "$in" ] || fail 'name the archive: ./incastro restore FILE'
    if [ "$in" = --undo ]; then
        undo_restore
        return
    fi
    [ -f "$in" ] || fail "there is no file $in."
    need_running
    work=$(mktemp -d "$STATE/restore.XXXXXX")
    RESTORED=''
    # shellcheck disable=SC2064
    trap "rm -rf '$work'; drop_half_made" EXIT
    unpack_backup "$in" "$work"
    RESTORED=incastro_new_$(date +%Y%m%d%H%M%S)
    fill_database "$in" "$work"
    swap_databases "$RESTORED" incastro_before || fail 'the databases could not be swapped; nothing was changed.'
    RESTORED=''
    swap_files "$work/files/app"
    restart_after_restore
    say "Restored from $in ($(sed -n 's/^made //p' "$work/about")). What was there before is kept until the next restore: ./incastro restore --undo brings it back."
}

drop_half_made() { [ -z "$RESTORED" ] || pg dropdb --force --if-exists "$RESTORED" >/dev/null 2>&1 || true; }

# What was there before the last restore, and what that restore brought, change places.
undo_restore() {
    need_running
    [ "$(sql -d postgres -c "select count(*) from pg_database where datname = 'incastro_before'")" = 1 ] && [ -d "$STATE/storage/app.before" ] \
        || fail 'nothing was restored here, so there is nothing to undo.'
    swap_databases incastro_before incastro_before || fail 'the databases could not be swapped; nothing was changed.'
    swap_files "$STATE/storage/app.before"
    restart_after_restore
    say 'Back to what was there before the last restore. Undone again, ./incastro restore --undo brings back what was restored.'
}

unpack_backup() {
    local in=$1 work=$2 names
    names=$(tar -tf "$in" 2>/dev/null | LC_ALL=C sort | tr '\n' ' ') || true
    case $names in
        'about checksums files.tar migrations tables.tar.gz ' | 'about checksums database.dump files.tar ') ;;
        *) fail "$in is no backup made by ./incastro backup, or is damaged; nothing was changed." ;;
    esac
    [ -z "$(tar -tvf "$in" | grep -v '^-')" ] || fail "$in is no backup made by ./incastro backup; nothing was changed."
    tar -C "$work" -xf "$in" --no-same-owner --no-same-permissions || fail "$in is damaged; nothing was changed."
    # Every part stands in the list once, and nothing else does: else a part could be checked by nobody.
    [ "$(sed -E 's/^[0-9a-f]{64}  //' "$work/checksums" | LC_ALL=C sort | tr '\n' ' ')" = "${names/checksums /}" ] && (cd "$work" && sha256sum -c --status --strict checksums) \
        || fail "$in is damaged: a checksum does not fit; nothing was changed."
    told_apart "$in" "$work"
    mkdir "$work/files"
    only_holds "$work/files.tar" 'app(/.*)?' || fail "$in holds files that do not belong there; nothing was changed."
    tar -C "$work/files" -xf "$work/files.tar" --no-same-owner --no-same-permissions || fail "$in is damaged; nothing was changed."
    [ ! -f "$work/tables.tar.gz" ] || unpack_tables "$in" "$work"
}

# Plain files and folders only, all of these names. Read to the end: a grep that leaves early would make the pipe fail, and a refusal pass.
only_holds() {
    local names kinds
    names=$(tar -tf "$1") && kinds=$(tar -tvf "$1") || return 1
    [ -z "$(grep -vxE "$2" <<<"$names")" ] && [ -z "$(grep -v '^[d-]' <<<"$kinds")" ]
}

unpack_tables() {
    local in=$1 work=$2
    only_holds "$work/tables.tar.gz" "tables/(($(known_tables keep | paste -sd'|'))\.csv)?" || fail "$in holds tables that are not known here; nothing was changed."
    tar -C "$work" -xzf "$work/tables.tar.gz" --no-same-owner --no-same-permissions || fail "$in is damaged; nothing was changed."
}

# Which version made it, as far as that matters: its migrations are the first of ours, and its documents no newer than we read.
told_apart() {
    local in=$1 work=$2 count
    if [ -f "$work/database.dump" ]; then
        grep -qx 'incastro backup 1' "$work/about" || fail "$in does not say what it is; nothing was changed."
        count=$(sed -nE 's/^migrations ([0-9]{1,4})$/\1/p' "$work/about")
        [ -n "$count" ] && [ "$count" -gt 0 ] || fail "$in does not say how far its database had come; nothing was changed."
        [ "$count" -le "$(known_migrations | wc -l)" ] || newer "$in"
        known_migrations | head -n "$count" >"$work/migrations"
        return
    fi
    grep -qx 'incastro backup 2' "$work/about" || newer "$in"
    count=$(sed -nE 's/^documents ([0-9]{1,4})$/\1/p' "$work/about")
    [ -n "$count" ] && [ "$count" -le "$(document_version)" ] || newer "$in"
    cmp -s "$work/migrations" <(known_migrations | head -n "$(wc -l <"$work/migrations")") || newer "$in"
}

newer() { fail "$1 was made by a newer version of Incastro than this one; bring this one up to date and restore again. Nothing was changed."; }

fill_database() {
    local in=$1 work=$2 table tables
    pg createdb -T template0 "$RESTORED" 2>/dev/null || fail 'a database to restore into could not be made (is the disk full?).'
    set_roles "$RESTORED" || fail 'its roles could not be set; the lines above say more. Nothing was changed.'
    # shellcheck disable=SC2046
    migrate "$RESTORED" $(sed 's|.*|--path=database/migrations/&.php|' "$work/migrations") || fail 'an empty database for it could not be made; the lines above say more. Nothing was changed.'
    tables=$(sql -d "$RESTORED" -c "select relname from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r'")
    tables=$(known_tables keep | grep -xF "$tables")
    sql -d "$RESTORED" -c "grant connect on database $RESTORED to incastro_restore; grant usage on schema public to incastro_restore;
        grant insert on $(echo $tables | tr ' ' ',') to incastro_restore"
    for table in $tables; do
        copy_rows "$work" "$table" || fail "its table $table could not be read; nothing was changed."
    done
    sql -d "$RESTORED" -c "revoke all on all tables in schema public from incastro_restore; revoke all on schema public from incastro_restore;
        revoke all on database $RESTORED from incastro_restore"
    count_on
    migrate "$RESTORED" || fail 'its database could not be brought up to date; the lines above say more. Nothing was changed.'
}

# Rows of one table, by the restricted role: those of an old archive lie in a dump, of which nothing else is read.
copy_rows() {
    local work=$1 table=$2
    if [ -f "$work/database.dump" ]; then
        quietly pg_as incastro_restore pg_restore --data-only --exit-on-error -n public -t "$table" -d "$RESTORED" "$work/database.dump"
    else
        [ -f "$work/tables/$table.csv" ] && (cd "$work/tables" && quietly pg_as incastro_restore psql -qX -v ON_ERROR_STOP=1 -d "$RESTORED" -c "\\copy $table from '$table.csv' with (format csv, header match)")
    fi
}

# Numbers given by the database go on after the last.
count_on() {
    sql -d "$RESTORED" >/dev/null <<'SQL'
select format('select setval(pg_get_serial_sequence(%L, %L), (select max(%I) from %I)) where exists (select from %I)', table_name, column_name, column_name, table_name, table_name)
    from information_schema.columns where table_schema = 'public' and pg_get_serial_sequence(quote_ident(table_name), column_name) is not null \gexec
SQL
}

set_roles() { quietly sql -d "$1" -f "$APP/support/run/roles.sql"; }

migrate() {
    local database=$1
    shift
    laravel_env
    (cd "$APP" && export APP_CONFIG_CACHE=$STATE/cache/none.php DB_DATABASE=$database DB_USERNAME=incastro_owner DB_PASSWORD=$DB_OWNER_PASSWORD \
        && quietly as_service php artisan migrate --force "$@")
}

# The first becomes what is served, what was served the second. Whoever is connected is sent away and kept out; the names change hands in one step.
swap_databases() {
    local new=$1 before=$2
    [ "$new" = "$before" ] || pg dropdb --force --if-exists "$before" >/dev/null 2>&1 || true
    sql -d postgres >/dev/null <<SQL && return
revoke connect on database incastro from incastro_app;
select pg_terminate_backend(pid, 5000) from pg_stat_activity where datname in ('incastro', '$new') and pid <> pg_backend_pid();
begin;
alter database incastro rename to incastro_aside;
alter database $new rename to incastro;
alter database incastro_aside rename to $before;
commit;
SQL
    set_roles incastro
    return 1
}

swap_files() {
    local new=$1 files=$STATE/storage
    rm -rf "$files/app.aside"
    mv "$files/app" "$files/app.aside"
    mv "$new" "$files/app"
    rm -rf "$files/app.before"
    mv "$files/app.aside" "$files/app.before"
    ! is_root || chown -R "$SERVICE_USER:" "$files/app"
}

# Who holds connections begins anew. What was kept may come from before an upgrade.
restart_after_restore() {
    set_roles incastro && migrate incastro || fail 'the restored database could not be brought up to date; the lines above say more. ./incastro restore --undo takes it back.'
    (cd "$APP" && quietly as_service php artisan queue:restart) || true
    kill -HUP "$(owner)" 2>/dev/null || true
}
