# Backs a real office's database up into one file, which is known to come back: it is restored beside, and counted.
. launcher/packages.sh
. launcher/database.sh

[ $# -eq 1 ] || fail "backup FILE" 2
file="$1"
[ ! -e "$file" ] || fail "$file is there already; no backup is written over"
[ -z "${CIVITANE_BACKUP_FOR:-}" ] || [ -r "$CIVITANE_BACKUP_FOR" ] ||
  fail "CIVITANE_BACKUP_FOR names no file that can be read: $CIVITANE_BACKUP_FOR"
[ -z "${CIVITANE_BACKUP_FOR:-}" ] || need_age

part="$file.part"
beside="civitane_restored_$$"
[[ "$database" =~ ^(postgresql://[^/]+/)[^?]+(\?.*)?$ ]] || fail "CIVITANE_DB_URL is not written as jdbc:postgresql://HOST:PORT/NAME"
scratch="${BASH_REMATCH[1]}$beside${BASH_REMATCH[2]:-}"
work=$(mktemp -d)
umask 077
undo() {
  [ -n "${held_PID:-}" ] && kill "$held_PID" 2>/dev/null
  ask "$database" "drop database if exists $beside with (force)" >/dev/null 2>&1
  rm -rf "$work" "$part"
}
trap undo EXIT

ask "$database" "create database $beside template template0 encoding 'UTF8' locale 'C.UTF-8'" >/dev/null ||
  fail "the copy that is restored to be counted can't be made: $CIVITANE_DB_OWNER may create no database (alter role … createdb)"

# What is counted and what is written are of one moment: it is held until both are done.
coproc held { psql --no-psqlrc --quiet --tuples-only --no-align --set ON_ERROR_STOP=1 "$database"; }
printf '%s\n' "begin isolation level repeatable read;" "select pg_export_snapshot();" "$counted;" "select 'counted';" >&"${held[1]}"
IFS= read -r moment <&"${held[0]}" || fail "the database can't be read"
while IFS= read -r line <&"${held[0]}" && [ "$line" != counted ]; do
  [ -z "$line" ] || printf '%s\n' "$line"
done >"$work/counted"

say "Backing up, and restoring beside …"
mkfifo "$work/dump"
if [ -n "${CIVITANE_BACKUP_FOR:-}" ]; then
  age --encrypt --recipients-file "$CIVITANE_BACKUP_FOR" --output "$part" <"$work/dump" &
else
  cat <"$work/dump" >"$part" &
fi
writing=$!
pg_dump --format=custom --snapshot="$moment" "$database" | tee "$work/dump" |
  pg_restore --no-owner --no-privileges --no-comments --exit-on-error --dbname="$scratch" || fail "it can't be written or restored"
wait "$writing" || fail "$part can't be written"
ask "$scratch" "$counted" >"$work/restored"
diff "$work/counted" "$work/restored" >"$work/otherwise" || {
  cat "$work/otherwise" >&2
  fail "what was restored is not what there is; nothing is kept"
}
mv "$part" "$file"
say "$file: $(awk '{ rows += $2 } END { printf "%d rows of %d tables", rows, NR }' "$work/counted"), restored and counted"
say "The keys of the office are in files of their own, and not in it: docs/running.md says which."
