# Runs the benchmarks, all of them or those whose name matches.
. launcher/build.sh
need_java
step "Building the benchmarks" build-bench \
  mvn -B -q -pl core,words,packet,bench -DskipTests -Dspotless.check.skip=true package
exec java -cp "bench/target/bench-0.1.0.jar:bench/target/lib/*" org.openjdk.jmh.Main "$@"
