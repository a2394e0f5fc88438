# Runs the benchmarks, all of them or those whose name matches; "desk" asks the desk that is running, "door" opens its
# door on a slow line, "faults" lets what lies below two nodes fail while twenty people work at them.
. launcher/packages.sh
. launcher/postgres.sh
. launcher/build.sh

if [ "${1:-}" = desk ]; then
  postgres_running demo || fail "the demo is not running: ./civitane start first, then this in a second window"
fi
need_java
step "Building the benchmarks" build-bench \
  mvn -B -q -pl core,words,packet,bench -DskipTests -Dspotless.check.skip=true package
if [ "${1:-}" = desk ]; then
  shift
  case "${1:-}" in [0-9]*) port="$1" && shift ;; esac
  exec java -cp "bench/target/bench-0.2.0.jar:bench/target/lib/*" civitane.bench.desk.DeskBench \
    "http://127.0.0.1:${port:-8480}" "$pg_url?options=-c%20jit=off" "$@"
fi
if [ "${1:-}" = door ]; then
  [ -x /usr/bin/chromium ] || fail "Chromium is not here: ./civitane test installs it"
  export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
  exec java -cp "bench/target/bench-0.2.0.jar:bench/target/lib/*" civitane.bench.door.DoorBench \
    "http://127.0.0.1:${2:-8480}" ${3:+"$3"}
fi
if [ "${1:-}" = faults ]; then
  shift
  [ "$(id -u)" = 0 ] || fail "faults needs root: it makes a small disk of its own, to fill it"
  need_packages
  build_app
  postgres_place faults
  disk="$pg_data"
  install -d -o postgres -g postgres "$disk"
  mount -t tmpfs -o size=3g,mode=0700 tmpfs "$disk" || fail "the small disk can't be made: this machine does not let it be mounted"
  trap 'umount -l "$disk"; rmdir "$disk"' EXIT
  chown postgres:postgres "$disk"
  java -cp "bench/target/bench-0.2.0.jar:bench/target/lib/*" civitane.bench.faults.FaultsRun "$home" "$disk" \
    "$(postgres_bin)" app/target/app-0.2.0-exec.jar "standins/target/standins-0.2.0.jar:standins/target/lib/*" postgres "$@"
  exit
fi
exec java -cp "bench/target/bench-0.2.0.jar:bench/target/lib/*" org.openjdk.jmh.Main "$@"
