# Our own PostgreSQL cluster on loopback. The server refuses to run as root, so root hands it to the user postgres.

free_port() {
  node -e 'const s=require("net").createServer();s.listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'
}

# Sets where a cluster of that name lives: in a folder that the user who runs it owns.
postgres_place() {
  if [ "$(id -u)" = 0 ]; then
    pg_data="/var/lib/postgresql/civitane-$(printf '%s' "$PWD" | cksum | cut -d' ' -f1)-$1"
    install -d -o postgres -g postgres "$(dirname "$pg_data")"
  else
    pg_data="$home/postgres-$1"
  fi
}

# The server that this starts outlives the launcher when that is killed, and must not go on holding its lock.
as_postgres() {
  if [ "$(id -u)" = 0 ]; then
    (cd / && runuser -u postgres -- "$@" 9>&-)
  else
    "$@" 9>&-
  fi
}

# Starts the cluster of a name, made first when it is not there, and says where it is in pg_url.
postgres_start() {
  postgres_place "$1"
  local bin port
  bin=$(postgres_bin)
  if [ ! -e "$pg_data/PG_VERSION" ]; then
    as_postgres "$bin/initdb" -D "$pg_data" -U civitane --auth=trust --encoding=UTF8 --locale=C.UTF-8 >"$home/initdb.log" 2>&1 ||
      fail "the database cluster could not be made; see .civitane/initdb.log"
  fi
  as_postgres "$bin/pg_ctl" -D "$pg_data" status >/dev/null 2>&1 && as_postgres "$bin/pg_ctl" -D "$pg_data" -m fast -w stop >/dev/null 2>&1 || true
  port=$(free_port)
  as_postgres "$bin/pg_ctl" -D "$pg_data" -w -t 60 -l "$pg_data/server.log" \
    -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${2:-}" start >/dev/null ||
    fail "the database did not start; see $pg_data/server.log"
  as_postgres "$bin/psql" -h 127.0.0.1 -p "$port" -U civitane -d postgres -tAc \
    "select 1 from pg_database where datname = 'civitane'" | grep -q 1 ||
    as_postgres "$bin/createdb" -h 127.0.0.1 -p "$port" -U civitane civitane
  pg_port=$port
  pg_url="jdbc:postgresql://127.0.0.1:$port/civitane"
}

# Says in pg_url where the cluster of a name runs; no, where it does not.
postgres_running() {
  postgres_place "$1"
  as_postgres "$(postgres_bin)/pg_ctl" -D "$pg_data" status >/dev/null 2>&1 || return 1
  pg_port=$(sed -n 4p "$pg_data/postmaster.pid")
  pg_url="jdbc:postgresql://127.0.0.1:$pg_port/civitane"
}

postgres_stop() {
  as_postgres "$(postgres_bin)/pg_ctl" -D "$pg_data" -m fast -w stop >/dev/null 2>&1 || true
}

postgres_remove() {
  postgres_place "$1"
  [ -e "$pg_data" ] || return 0
  postgres_stop
  rm -rf "$pg_data"
}
