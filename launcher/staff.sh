# Keeps the log-ins of a real office. A password is asked for, or read from standard input, and never shown.
. launcher/packages.sh
. launcher/build.sh

for name in CIVITANE_DB_URL CIVITANE_DB_USER CIVITANE_DB_PASSWORD; do
  [ -n "${!name:-}" ] || fail "$name is not set; docs/running.md says what it is"
done
[ $# -gt 0 ] || fail "staff add LOGIN NAME ROLE | disable LOGIN | password LOGIN | role LOGIN ROLE | street LOGIN STREET | list" 2
what="$1"
shift
build_app
password=
if [ "$what" = add ] || [ "$what" = password ]; then
  [ -t 0 ] && printf 'Password: ' >&2
  IFS= read -rs password || true
  [ -t 0 ] && say ""
fi
printf '%s\n' "$password" | CIVITANE_PORT=0 CIVITANE_MANAGEMENT_PORT=0 java -jar app/target/app-0.2.0-exec.jar \
  --spring.profiles.active=production "--civitane.staff=$what" --spring.main.banner-mode=off \
  --logging.level.root=error --logging.level.civitane=off "$@"
