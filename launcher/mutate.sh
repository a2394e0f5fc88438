# Makes deliberate mistakes in the core or in a part of it, one at a time, and counts how many its own tests notice.
. launcher/packages.sh
. launcher/build.sh
need_java
cores=$(nproc)
part="${1:+$1.}"
say "Making mistakes in core${1:+, $1 alone,} on $cores cores; this takes long, and the report is in core/target/pit-reports"
mvn -B -ntp -pl core -Dspotless.check.skip=true -Dthreads="$cores" "-DtargetClasses=civitane.core.$part*" \
  test-compile org.pitest:pitest-maven:mutationCoverage
