# Makes the determinations that the demo's database keeps again, and lists those that differ.
. launcher/packages.sh
. launcher/postgres.sh
. launcher/build.sh

need_java
need_packages
exec 9>"$home/start.lock"
flock -n 9 || fail "Civitane is running from this folder; stop it first"
postgres_place demo
[ -e "$pg_data/PG_VERSION" ] || fail "there is no demo yet: ./civitane start fills it"
build_app
postgres_start demo
trap postgres_stop EXIT
CIVITANE_DB_URL="$pg_url" CIVITANE_PORT=0 java -jar app/target/app-0.2.0-exec.jar --civitane.rerun=yes \
  --spring.main.banner-mode=off --logging.level.root=off --logging.level.civitane=off 2>"$home/rerun.log"
