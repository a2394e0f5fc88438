# Sets up, builds, fills the demo and serves until Ctrl-C.
. launcher/packages.sh
. launcher/postgres.sh
. launcher/build.sh

port=8480
fresh=no
while [ $# -gt 0 ]; do
  case "$1" in
    --fresh) fresh=yes ;;
    --port) port="${2:?}" && shift ;;
    *) fail "start knows --fresh and --port, not \"$1\"" 2 ;;
  esac
  shift
done

need_java
need_node
need_packages
exec 9>"$home/start.lock"
flock -n 9 || fail "Civitane is running from this folder already, or is being started; stop that one first"
# What stands in for the registers of others listens on the port behind.
registers_port=$((port + 1))
for one in "$port" "$registers_port"; do
  if ! node -e "const s=require('net').createServer();s.on('error',()=>process.exit(1));s.listen($one,'127.0.0.1',()=>s.close())"; then
    fail "port $one is in use; stop what uses it, or choose others with --port (it takes that one and the next)"
  fi
done
build_app
[ "$fresh" = yes ] && postgres_remove demo && rm -f "$home/audit.anchor"
postgres_start demo
server=
registers=
# A server that was told to stop does not end well, and that must not keep the database from being stopped.
stop() {
  trap - EXIT INT TERM
  set +e
  say ""
  say "Stopping …"
  if [ -n "$server" ]; then
    kill "$server" 2>/dev/null
    wait "$server" 2>/dev/null
  fi
  if [ -n "$registers" ]; then
    kill "$registers" 2>/dev/null
    wait "$registers" 2>/dev/null
  fi
  postgres_stop
  say "Stopped. What was entered is kept."
}
trap stop EXIT
trap 'exit 0' INT TERM

# What stands in for the registers of others is a process of its own, so that it can be slow or down as they are.
java -cp "standins/target/standins-0.2.0.jar:standins/target/lib/*" civitane.standins.StandIns "$registers_port" \
  >"$home/registers.log" 2>&1 9>&- &
registers=$!
CIVITANE_DB_URL="$pg_url" CIVITANE_PORT="$port" \
  java -jar app/target/app-0.2.0-exec.jar --civitane.demo=yes \
  "--civitane.signing-key=$home/signing.key" \
  "--civitane.audit-key=$home/audit.key" "--civitane.audit-anchor=$home/audit.anchor" \
  "--civitane.registers.at=http://127.0.0.1:$registers_port" \
  "--civitane.confirm-at=http://127.0.0.1:$port/verify" \
  "--civitane.door-at=http://127.0.0.1:$port/door" >"$home/server.log" 2>&1 9>&- &
server=$!
say "Starting …"
for _ in $(seq 240); do
  if ! kill -0 "$server" 2>/dev/null && grep -qE "checksum mismatch|applied migration not resolved" "$home/server.log"; then
    fail "the demo's database is of an earlier version; fill it again with ./civitane start --fresh"
  fi
  kill -0 "$server" 2>/dev/null || { tail -n 20 "$home/server.log" >&2; fail "the server stopped; the whole log is in .civitane/server.log"; }
  if node -e "fetch('http://127.0.0.1:$port/actuator/health').then(r=>process.exit(r.ok?0:1),()=>process.exit(1))"; then
    break
  fi
  sleep 0.5
done
cat >&2 <<TEXT

  Civitane is at  http://127.0.0.1:$port

  Sign in as      ikenna   (caseworker)          password  ikenna-ikenna
                  maud     (caseworker)          password  maud-maud
                  teun     (senior caseworker)   password  teun-teun
                  edda     (senior caseworker)   password  edda-edda
                  pia      (front desk)          password  pia-pia
                  salome   (policy officer)      password  salome-salome
                  jun      (auditor)             password  jun-jun

  The household's door   http://127.0.0.1:$port/door
                  the texts and mails it sends are to be read at /registers

  The database    psql postgresql://civitane@127.0.0.1:$pg_port/civitane

  Ctrl-C stops everything; what was entered is kept. --fresh fills the demo again.

TEXT
wait "$server"
