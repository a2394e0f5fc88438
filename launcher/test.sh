# Runs every test: core, packets, application on a real PostgreSQL, and the real interface in headless Chromium.
. launcher/packages.sh
. launcher/postgres.sh
. launcher/build.sh

need_java
need_node
need_packages with-browser
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
postgres_remove test
postgres_start test "-c fsync=off -c synchronous_commit=off -c full_page_writes=off"
trap 'postgres_remove test' EXIT
export CIVITANE_TEST_DB_URL="$pg_url"

# Modules and names of tests narrow it down; whatever begins with a hyphen is for Maven.
modules= names= flags=()
for word in "$@"; do
  case "$word" in
    -*) flags+=("$word") ;;
    core | words | packet | standins | web | app | e2e | bench) modules="$modules,$word" ;;
    *) names="$names,$word" ;;
  esac
done
[ -z "$modules" ] || flags+=(-pl "${modules#,}" -am)
[ -z "$names" ] || flags+=("-Dtest=${names#,}" -Dsurefire.failIfNoSpecifiedTests=false -DfailIfNoTests=false)
rm -rf app/target/classes/db

say "Building and testing; the log is in .civitane/test.log"
began=$SECONDS
set +e
mvn -B -ntp verify ${flags[@]+"${flags[@]}"} 2>&1 | tee "$home/test.log" |
  grep -a --line-buffered -E "Building Civitane|Tests run:|BUILD|ERROR|FAIL" >&2
result=${PIPESTATUS[0]}
set -e
say ""
grep -aE "Tests run:.*Time elapsed|Tests run: [0-9]+, Failures" "$home/test.log" | sed 's/^\[[A-Z]*\] *//' >&2 || true
total=$(grep -aE "^\[(INFO|WARNING|ERROR)\] Tests run: [0-9]+, Failures: [0-9]+, Errors: [0-9]+, Skipped: [0-9]+$" "$home/test.log" |
  sed -E 's/.*Tests run: ([0-9]+).*/\1/' | awk '{sum += $1} END {print sum + 0}')
[ "$result" = 0 ] || fail "the build or a test failed; the whole log is in .civitane/test.log"
[ "$total" -gt 0 ] || fail "no test ran"
# What was built is listed down to the last library.
[ -n "$modules$names" ] || (. launcher/parts.sh)
say "All $total tests passed in $((SECONDS - began)) s."
