# Changes a key of a real office: the one it signs with, or that of its log. What was signed or linked before stays good.
. launcher/packages.sh
. launcher/build.sh

what="${1:-}"
[ "$what" = change ] || [ "$what" = change-log ] || fail "key knows change and change-log" 2
for name in CIVITANE_DB_URL CIVITANE_DB_USER CIVITANE_DB_PASSWORD CIVITANE_SIGNING_KEY CIVITANE_AUDIT_KEY; do
  [ -n "${!name:-}" ] || fail "$name is not set; docs/running.md says what it is"
done
build_app
export CIVITANE_PORT=0 CIVITANE_MANAGEMENT_PORT=0
exec java -jar app/target/app-0.2.0-exec.jar \
  --spring.profiles.active=production "--civitane.key=$what" --spring.main.banner-mode=off \
  --logging.level.root=error --logging.level.civitane=off
