# Lists what a build is made of, down to the last library: two CycloneDX bills, one of Java, one of the browser's part.
. launcher/packages.sh
. launcher/build.sh

# Fixed as every version is.
cyclonedx=2.9.3
bills="$PWD/target/parts"

need_java
need_node
mkdir -p "$bills"
step "Listing the Java libraries" parts-java \
  mvn -B -ntp "org.cyclonedx:cyclonedx-maven-plugin:$cyclonedx:makeAggregateBom" \
  -DoutputDirectory="$bills" -DoutputName=java -DoutputFormat=json -DincludeTestScope=false -DincludeBomSerialNumber=false
step "Listing the browser's libraries" parts-web \
  sh -c "cd web && npm sbom --package-lock-only --omit dev --sbom-format cyclonedx > '$bills/web.json'"
for bill in java web; do
  node -e '
    const bill = require(process.argv[1]);
    if (bill.bomFormat !== "CycloneDX" || !bill.components.length) process.exit(1);
    console.log(`${process.argv[1]}: ${bill.components.length} parts, CycloneDX ${bill.specVersion}`);
  ' "$bills/$bill.json" || fail "$bills/$bill.json is no bill of parts"
done
