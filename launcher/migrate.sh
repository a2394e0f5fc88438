# Brings a real office's database to this version, as the role that owns it.
. launcher/packages.sh
. launcher/build.sh

for name in CIVITANE_DB_URL CIVITANE_DB_OWNER CIVITANE_DB_OWNER_PASSWORD CIVITANE_DB_USER; do
  [ -n "${!name:-}" ] || fail "$name is not set; docs/running.md says what it is"
done
build_app
exec java -jar app/target/app-0.2.0-exec.jar --civitane.migrate=yes
