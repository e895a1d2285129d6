# Sourced by ./verdamen: a private PostgreSQL cluster on loopback, in $DATA/postgres. Uses die, say, is_root, port_in_use.

PG_PID=
PG_PORT=
PG_USER=verdamen
PG_FIRST_PORT=25432
PG_LAST_PORT=25532

# The folder of the newest server programs from Debian's packages.
pg_programs() {
  local bin
  bin=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1)
  [ -n "$bin" ] && [ -x "$bin/initdb" ] && echo "$bin"
}

# PostgreSQL refuses root: as root its programs run as the user postgres.
pg_as_owner() { (cd / && if is_root; then exec runuser -u postgres -- "$@"; else exec "$@"; fi); }

pg_can_reach() { pg_as_owner test -x "$1" 2>/dev/null; }

pg_init() {
  local cluster=$DATA/postgres password=$DATA/password
  [ -d "$cluster" ] && return
  say "making the database"
  rm -rf "$cluster.new"
  mkdir "$cluster.new" && (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$password") \
    || pg_fail "cannot write to $DATA: is the disk full?"
  local pwfile=$cluster.new.pw
  install -m 600 "$password" "$pwfile"
  if is_root; then chown postgres "$cluster.new" "$pwfile"; fi
  pg_as_owner "$PG_BIN/initdb" -D "$cluster.new" -U $PG_USER --pwfile="$pwfile" --auth=scram-sha-256 \
    --encoding=UTF8 --locale=C.UTF-8 >"$DATA/log/initdb.log" 2>&1
  local code=$?
  rm -f "$pwfile"
  [ $code = 0 ] || pg_fail "the database could not be made: $(tail -n 1 "$DATA/log/initdb.log")"
  mv "$cluster.new" "$cluster"
}

# A lock file left by a crash is PostgreSQL's own business, unless its process number now belongs to another program.
# A server left behind by a killed start is stopped first.
pg_clear_lock() {
  local lock=$DATA/postgres/postmaster.pid pid
  [ -f "$lock" ] || return 0
  pid=$(head -n 1 "$lock" | tr -dc 0-9)
  if [ -n "$pid" ] && [ "$(readlink "/proc/$pid/cwd" 2>/dev/null)" = "$DATA/postgres" ]; then
    pg_as_owner "$PG_BIN/pg_ctl" stop -D "$DATA/postgres" -m fast -t 30 >/dev/null 2>&1
  elif [ -n "$pid" ] && [ -d "/proc/$pid" ]; then
    rm -f "$lock"
  fi
}

pg_start() {
  PG_BIN=$(pg_programs) || die "PostgreSQL's server is missing: apt-get install postgresql-15"
  pg_init
  local cluster=$DATA/postgres
  if [ ! -f "$cluster/PG_VERSION" ] || [ ! -f "$DATA/password" ]; then
    pg_fail "the data in $DATA are broken (no PG_VERSION or password): restore them from a copy, or move the folder away"
  fi
  if [ "$(cat "$cluster/PG_VERSION")" != "$("$PG_BIN/postgres" -V | grep -oE '[0-9]+' | head -n 1)" ]; then
    pg_fail "the data in $DATA are of PostgreSQL $(cat "$cluster/PG_VERSION"): install postgresql-$(cat "$cluster/PG_VERSION")"
  fi
  pg_clear_lock
  PG_PORT=$PG_FIRST_PORT
  while port_in_use $PG_PORT; do
    PG_PORT=$((PG_PORT + 1))
    [ $PG_PORT -le $PG_LAST_PORT ] || pg_fail "no free port for the database from $PG_FIRST_PORT to $PG_LAST_PORT"
  done
  local owner=()
  if is_root; then owner=(--reuid postgres --regid postgres --init-groups); fi
  (cd / && exec setsid setpriv "${owner[@]}" --pdeathsig INT "$PG_BIN/postgres" -D "$cluster" -p $PG_PORT \
    -c listen_addresses=127.0.0.1 -c unix_socket_directories='') >"$DATA/log/postgres.log" 2>&1 </dev/null &
  PG_PID=$!
  local left=900
  until "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p $PG_PORT; do
    left=$((left - 1))
    if [ $left -le 0 ] || ! kill -0 "$PG_PID" 2>/dev/null; then
      pg_fail "the database in $DATA does not start: $(pg_complaint): restore the data from a copy, or move the folder away"
    fi
    sleep 0.1
  done
  pg_sql postgres -tAc "select 1 from pg_database where datname = 'verdamen'" | grep -q 1 \
    || pg_sql postgres -qc 'create database verdamen' >/dev/null \
    || pg_fail "the database could not be made: see $DATA/log/postgres.log"
}

pg_complaint() { grep -m1 -E 'FATAL|PANIC|could not' "$DATA/log/postgres.log" || tail -n 1 "$DATA/log/postgres.log"; }

pg_sql() { # database, arguments of psql
  PGPASSWORD=$(cat "$DATA/password") psql -h 127.0.0.1 -p "$PG_PORT" -U $PG_USER -d "$@"
}

pg_recreate_database() {
  pg_sql postgres -qc 'drop database if exists verdamen' >/dev/null && pg_sql postgres -qc 'create database verdamen' >/dev/null
}

pg_stop() {
  [ -n "$PG_PID" ] || return 0
  kill -INT "$PG_PID" 2>/dev/null
  end_within 30 "$PG_PID"
  PG_PID=
}

pg_fail() { fail_running "$*"; }
