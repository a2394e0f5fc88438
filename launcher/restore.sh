# Restores a backup into a database that is empty: wholly, or not at all.
. launcher/packages.sh
. launcher/database.sh

[ $# -eq 1 ] || fail "restore FILE" 2
file="$1"
[ -r "$file" ] || fail "$file can't be read"
[ "$(ask "$database" "select count(*) from information_schema.tables where table_schema = 'public'")" = 0 ] ||
  fail "the database has tables already; a backup is restored into an empty one only"

opened() {
  if [ "$(head -c 15 "$file")" = age-encryption. ]; then
    [ -n "${CIVITANE_BACKUP_KEY:-}" ] || fail "the file is encrypted, and CIVITANE_BACKUP_KEY is not set; docs/running.md says what it is"
    need_age
    age --decrypt --identity "$CIVITANE_BACKUP_KEY" "$file"
  else
    cat "$file"
  fi
}

say "Restoring …"
# It is read to its end before anything is kept: a file that was cut off restores nothing.
opened | pg_restore --no-owner --no-privileges --no-comments --exit-on-error --single-transaction --dbname="$database" ||
  fail "it can't be restored; the database is as it was"
say "Restored: $(ask "$database" "$counted" | awk '{ rows += $2 } END { printf "%d rows of %d tables", rows, NR }')."
say "./civitane migrate brings it to this version and lets ${CIVITANE_DB_USER:-the role that serves} in; ./civitane audit verify looks at its log."
