# The database of a real office, as its settings name it: for what is done to all of it at once.

for name in CIVITANE_DB_URL CIVITANE_DB_OWNER CIVITANE_DB_OWNER_PASSWORD; do
  [ -n "${!name:-}" ] || fail "$name is not set; docs/running.md says what it is"
done
database="${CIVITANE_DB_URL#jdbc:}"
export PGUSER="$CIVITANE_DB_OWNER" PGPASSWORD="$CIVITANE_DB_OWNER_PASSWORD"
for program in psql pg_dump pg_restore; do
  command -v "$program" >/dev/null || fail "$program is missing: install postgresql-client, of the server's version or newer"
done

# One statement, its rows bare.
ask() {
  psql --no-psqlrc --quiet --tuples-only --no-align --set ON_ERROR_STOP=1 "$1" --command "$2"
}

# How many rows there are of each table.
counted="select coalesce(string_agg(format('%s %s', table_name, (xpath('/row/c/text()', query_to_xml(format(
    'select count(*) as c from %I.%I', table_schema, table_name), false, true, '')))[1]::text), E'\n' order by table_name), '')
  from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'"

need_age() {
  command -v age >/dev/null || need_package age
}
