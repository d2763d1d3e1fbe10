-- Who may do what in the database this runs in; run by the cluster's own superuser at each start and before each restore, and again and again to the same end.
--   incastro_owner    owns tables, runs migrations
--   incastro_app      the application: reads and writes rows, and nothing else
--   incastro_restore  puts rows into a database that is being restored, and only there
\getenv owner_password DB_OWNER_PASSWORD
\getenv app_password DB_APP_PASSWORD
\getenv restore_password DB_RESTORE_PASSWORD

select format('create role %I', r) from unnest(array['incastro_owner', 'incastro_app', 'incastro_restore']) r
    where not exists (select from pg_roles where rolname = r) \gexec
alter role incastro_owner login nosuperuser nocreatedb nocreaterole noreplication nobypassrls password :'owner_password';
alter role incastro_app login nosuperuser nocreatedb nocreaterole noreplication nobypassrls password :'app_password';
alter role incastro_restore login nosuperuser nocreatedb nocreaterole noreplication nobypassrls password :'restore_password';

-- A role comes into no database but where it is let in.
select format('revoke all on database %I from public', datname) from pg_database where datallowconn \gexec
alter database :"DBNAME" owner to incastro_owner;
grant connect on database :"DBNAME" to incastro_app;

alter schema public owner to incastro_owner;
revoke all on schema public from public;
grant usage on schema public to incastro_app;
-- Those of clusters from before there were roles; sequences follow their tables.
select format('alter table %s owner to incastro_owner', c.oid::regclass) from pg_class c
    where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p', 'v') and c.relowner <> 'incastro_owner'::regrole \gexec
grant select, insert, update, delete on all tables in schema public to incastro_app;
grant usage, select on all sequences in schema public to incastro_app;
alter default privileges for role incastro_owner in schema public grant select, insert, update, delete on tables to incastro_app;
alter default privileges for role incastro_owner in schema public grant usage, select on sequences to incastro_app;
