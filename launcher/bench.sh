# Runs the benchmarks, all of them or those whose name matches; "desk" asks the desk that is running.
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
exec java -cp "bench/target/bench-0.2.0.jar:bench/target/lib/*" org.openjdk.jmh.Main "$@"
