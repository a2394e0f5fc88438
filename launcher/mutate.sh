# Makes deliberate mistakes in the core, one at a time, and counts how many its own tests notice.
. launcher/build.sh
need_java
cores=$(nproc)
say "Making mistakes on $cores cores; this takes long, and the report is in core/target/pit-reports"
mvn -B -ntp -pl core -Dspotless.check.skip=true -Dthreads="$cores" \
  test-compile org.pitest:pitest-maven:mutationCoverage "$@"
