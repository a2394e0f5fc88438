# Changes the key by which a real office signs; what was signed before can still be checked.
. launcher/packages.sh
. launcher/build.sh

[ "${1:-}" = change ] || fail "key knows change" 2
for name in CIVITANE_DB_URL CIVITANE_DB_USER CIVITANE_DB_PASSWORD CIVITANE_SIGNING_KEY; do
  [ -n "${!name:-}" ] || fail "$name is not set; docs/running.md says what it is"
done
build_app
CIVITANE_PORT=0 CIVITANE_MANAGEMENT_PORT=0 java -jar app/target/app-0.2.0-exec.jar \
  --spring.profiles.active=production --civitane.key=change --spring.main.banner-mode=off \
  --logging.level.root=error --logging.level.civitane=off
