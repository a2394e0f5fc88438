# Forgets households of a real office whose keeping time is over, as the role that owns the tables.
. launcher/packages.sh
. launcher/build.sh

for name in CIVITANE_DB_URL CIVITANE_DB_USER CIVITANE_DB_PASSWORD CIVITANE_DB_OWNER CIVITANE_DB_OWNER_PASSWORD; do
  [ -n "${!name:-}" ] || fail "$name is not set; docs/running.md says what it is"
done
[ $# -gt 0 ] || fail "forget list | household ID …" 2
what="$1"
shift
build_app
CIVITANE_PORT=0 CIVITANE_MANAGEMENT_PORT=0 exec java -jar app/target/app-0.2.0-exec.jar \
  --spring.profiles.active=production "--civitane.forget=$what" --spring.main.banner-mode=off \
  --logging.level.root=error --logging.level.civitane=off "$@"
