# Shared by ./start, ./check and ./ropebridge. Sourced, never run.
# shellcheck shell=bash

ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
VAR="${ROPEBRIDGE_VAR:-$ROOT/var}"

say() { printf '%s\n' "$*"; }
fail() {
  printf 'rope bridge: %s\n' "$*" >&2
  exit 1
}

# need COMMAND PACKAGE...: makes sure that a command is there; installs the packages when root.
need() {
  local command="$1"
  shift
  if command -v "$command" >/dev/null 2>&1; then return; fi
  if [ "$(id -u)" -eq 0 ] && command -v apt-get >/dev/null 2>&1; then
    say "Installing $* ..."
    mkdir -p "$VAR"
    if ! { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@"; } \
      >"$VAR/apt.log" 2>&1; then
      fail "could not install $*; see $VAR/apt.log"
    fi
    command -v "$command" >/dev/null 2>&1 || [ "$command" = postgres-server ] ||
      fail "$* is installed, but $command is still missing"
  else
    fail "$command is missing. Run: sudo apt-get install $*"
  fi
}

# Where Debian keeps PostgreSQL's server programs; empty when they are not installed.
pg_bin() {
  local dir
  for dir in /usr/lib/postgresql/*/bin; do
    [ -x "$dir/initdb" ] && PG_BIN="$dir"
  done
  printf '%s' "${PG_BIN:-}"
}

need_postgres() {
  if [ -z "$(pg_bin)" ]; then
    # The packages would start a cluster of their own; we only want the programs.
    if [ "$(id -u)" -eq 0 ] && [ ! -e /etc/postgresql-common/createcluster.conf ]; then
      mkdir -p /etc/postgresql-common
      echo 'create_main_cluster = false' >/etc/postgresql-common/createcluster.conf
    fi
    need postgres-server postgresql
  fi
  PG_BIN="$(pg_bin)"
  [ -n "$PG_BIN" ] || fail "PostgreSQL's server programs are missing. Run: sudo apt-get install postgresql"
}

need_java() {
  need javac openjdk-17-jdk-headless
  need mvn maven
  local version
  version="$(javac -version 2>&1 | sed 's/[^0-9]*\([0-9]*\).*/\1/')"
  [ "${version:-0}" -ge 17 ] || fail "Java 17 or later is needed; javac is $version. Set JAVA_HOME."
}

need_node() {
  need node nodejs
  need npm npm
  local version
  version="$(node -p 'process.versions.node.split(".")[0]')"
  [ "$version" -ge 20 ] || fail "Node.js 20.19 or later is needed; this is $version."
}

need_room() {
  local free
  free="$(df -Pm "$ROOT" | awk 'NR == 2 { print $4 }')"
  [ "$free" -ge "$1" ] || fail "only $free MB are free on the disk of $ROOT; $1 MB are needed. Free some and start again."
}

# PostgreSQL refuses to run as root: as root its programs run as the user postgres.
as_postgres() {
  if [ "$(id -u)" -eq 0 ]; then
    (cd / && setpriv --reuid=postgres --regid=postgres --init-groups "$@")
  else
    "$@"
  fi
}

free_port() {
  python3 - <<'PY' 2>/dev/null || node -e 'const s=require("net").createServer().listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'
import socket
s = socket.socket()
s.bind(("127.0.0.1", 0))
print(s.getsockname()[1])
PY
}

port_taken() {
  (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null
}

secret() { od -An -N24 -tx1 /dev/urandom | tr -d ' \n'; }

# cluster_start DIR: makes the cluster when it is not there or only half made, and starts it.
# The server must not hold the lock (9) of ./start. Sets PG_PORT and PG_PASSWORD (of the role ropebridge_admin).
cluster_start() {
  local dir="$1" data="$1/data"
  mkdir -p "$dir"
  chmod 700 "$dir"
  if [ "$(id -u)" -eq 0 ]; then chown postgres "$dir"; fi
  if [ -e "$data" ] && [ ! -e "$dir/complete" ]; then
    say "The database cluster was only half made; making it anew."
    as_postgres "$PG_BIN/pg_ctl" -D "$data" -m immediate stop >/dev/null 2>&1 || true
    rm -rf "$data"
  fi
  if [ ! -e "$data" ]; then
    say "Creating a database cluster in $dir ..."
    (umask 077 && secret >"$dir/password")
    if [ "$(id -u)" -eq 0 ]; then chown postgres "$dir/password"; fi
    as_postgres "$PG_BIN/initdb" -D "$data" -U ropebridge_admin --pwfile="$dir/password" \
      -A scram-sha-256 -E UTF8 --locale=C.UTF-8 >"$dir.initdb.log" 2>&1 ||
      fail "could not create the database cluster; see $dir.initdb.log"
    as_postgres sh -c "cat >>'$data/postgresql.conf'" <<'CONF'
listen_addresses = '127.0.0.1'
unix_socket_directories = ''
shared_buffers = 512MB
work_mem = 64MB
max_wal_size = 2GB
synchronous_commit = off
log_min_duration_statement = 5s
CONF
    touch "$dir/complete"
  fi
  PG_PASSWORD="$(cat "$dir/password")"
  if as_postgres "$PG_BIN/pg_ctl" -D "$data" status >/dev/null 2>&1; then
    PG_PORT="$(sed -n 4p "$data/postmaster.pid")"
    return
  fi
  PG_PORT="$(cat "$dir/port" 2>/dev/null || true)"
  if [ -z "$PG_PORT" ] || port_taken "$PG_PORT"; then
    PG_PORT="$(free_port)"
    echo "$PG_PORT" >"$dir/port"
  fi
  as_postgres "$PG_BIN/pg_ctl" -D "$data" -w -t 60 -o "-p $PG_PORT" -l "$data/server.log" start >/dev/null 2>&1 9>&- ||
    fail "the database did not start; see $data/server.log"
}

cluster_stop() {
  as_postgres "$PG_BIN/pg_ctl" -D "$1/data" -m fast -w stop >/dev/null 2>&1 || true
}

# sql DATABASE: runs the SQL on standard input as the cluster's administrator.
sql() {
  PGPASSWORD="$PG_PASSWORD" "$PG_BIN/psql" -X -q -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$PG_PORT" \
    -U ropebridge_admin -At "$1"
}
