# Verifies the log of a real office, from its first entry to its last.
. launcher/packages.sh
. launcher/build.sh

[ "${1:-}" = verify ] || fail "audit knows verify" 2
for name in CIVITANE_DB_URL CIVITANE_DB_USER CIVITANE_DB_PASSWORD CIVITANE_AUDIT_KEY CIVITANE_AUDIT_ANCHOR; do
  [ -n "${!name:-}" ] || fail "$name is not set; docs/running.md says what it is"
done
build_app
export CIVITANE_PORT=0 CIVITANE_MANAGEMENT_PORT=0
exec java -jar app/target/app-0.2.0-exec.jar \
  --spring.profiles.active=production --civitane.audit=verify --spring.main.banner-mode=off \
  --logging.level.root=error --logging.level.civitane=off
