# Loads very many made-up households into the database of the demo that is running.
. launcher/packages.sh
. launcher/postgres.sh
. launcher/build.sh

households=250000
claims=1000000
seed=1
while [ $# -gt 0 ]; do
  case "$1" in
    --households) households="${2:?}" && shift ;;
    --claims) claims="${2:?}" && shift ;;
    --seed) seed="${2:?}" && shift ;;
    *) fail "demo-load knows --households, --claims and --seed, not \"$1\"" 2 ;;
  esac
  shift
done
case "$households$claims$seed" in *[!0-9]*) fail "--households, --claims and --seed are whole numbers" 2 ;; esac
[ "$households" -ge 1 ] && [ "$claims" -ge "$households" ] ||
  fail "there are as many claims as households, or more: --claims $claims --households $households" 2

need_java
postgres_running demo || fail "the demo is not running: ./civitane start first, then this in a second window"
say "Loading $households households with $claims claims (a million take about a quarter of an hour) …"
CIVITANE_DB_URL="$pg_url" CIVITANE_PORT=0 java -jar app/target/app-0.2.0-exec.jar \
  "--civitane.load.households=$households" "--civitane.load.claims=$claims" "--civitane.load.seed=$seed" \
  --spring.main.banner-mode=off --logging.level.root=off --logging.level.civitane=off 2>"$home/load.log" ||
  fail "it could not be loaded; see .civitane/load.log"
