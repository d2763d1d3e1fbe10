# ./incastro backup: database and files in one archive that says what is in it. Nothing in an archive is ever run: tables are plain rows.

# A program of PostgreSQL as one of the roles of support/run/roles.sql, or as the cluster's own superuser.
pg_as() {
    local role=$1 program=$2 password=$DB_PASSWORD
    shift 2
    case $role in
        incastro_owner) password=$DB_OWNER_PASSWORD ;;
        incastro_restore) password=$DB_RESTORE_PASSWORD ;;
    esac
    PGPASSWORD=$password PGTZ=UTC "$(pg_bin)/$program" -h 127.0.0.1 -p "$(cut -d' ' -f2 "$STATE/ports")" -U "$role" "$@"
}

pg() { pg_as incastro "$@"; }

sql() { pg psql -qXAt -v ON_ERROR_STOP=1 "$@"; }

# Must run, because the database is asked; its secrets are read.
need_running() {
    choose_places
    is_running || fail 'start it first: ./incastro start'
    ! database_is_elsewhere || fail "the database is elsewhere (DB_HOST or DB_USERNAME in $STATE/settings): back it up and restore it where it is."
    read_secrets
}

known_tables() { sed -n "s/^$1 //p" "$APP/support/run/tables"; }

known_migrations() { (cd "$APP/database/migrations" && LC_ALL=C ls) | sed 's/\.php$//'; }

document_version() { sed -nE 's/.*const VERSION = ([0-9]+);.*/\1/p' "$APP/core/src/Document/Reading/ProjectReader.php"; }

cmd_backup() {
    local out=${1:-incastro-$(date +%Y-%m-%d-%H%M%S).tar} table
    [ ! -e "$out" ] || fail "$out is there already; name another file, or take it away first."
    need_running
    local work
    work=$(mktemp -d "${TMPDIR:-/tmp}/incastro-backup.XXXXXX")
    # shellcheck disable=SC2064
    trap "rm -rf '$work' '$out.part'" EXIT
    mkdir "$work/tables"
    # The database first, all of it as of one moment: a photo that comes in meanwhile is in the files, and at worst no project names it.
    {
        echo 'begin isolation level repeatable read read only;'
        for table in $(known_tables keep); do echo "\\copy $table to 'tables/$table.csv' csv header"; done
        echo "\\copy (select migration from migrations order by migration) to 'migrations' csv"
        echo 'commit;'
    } >"$work/script"
    (cd "$work" && quietly sql -d incastro -f script) || fail 'the database could not be read; the lines above say more.'
    tar -C "$work" -czf "$work/tables.tar.gz" tables || fail 'the rows could not be packed (is the disk full?).'
    tar -C "$STATE/storage" -cf "$work/files.tar" app || fail 'the files could not be read.'
    printf 'incastro backup 2\nmade %s\ndocuments %s\n' "$(date -u +%Y-%m-%dT%H:%M:%SZ)" "$(document_version)" >"$work/about"
    (cd "$work" && sha256sum about migrations tables.tar.gz files.tar >checksums)
    (umask 077 && tar -C "$work" -cf "$out.part" checksums about migrations tables.tar.gz files.tar) || fail "$out could not be written (is the disk full?)."
    mv "$out.part" "$out"
    say "Backed up to $out ($(du -h "$out" | cut -f1)): database and photos. Keep it somewhere else; ./incastro restore $out brings it back."
}
