# PostgreSQL on loopback with its data inside the project. Sourced by ./start, ./test and the
# development script; expects `say` and `fail`.

# Debian's PostgreSQL 13 or later, wherever its version put it.
postgres_bin() {
  { ls -d /usr/lib/postgresql/*/bin 2>/dev/null || true; } | sort -t/ -k5 -n | tail -n 1
}

# PostgreSQL refuses to run as root: then it runs as the postgres user, which Debian's package makes.
as_postgres() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

ensure_postgres() {
  POSTGRES_BIN=$(postgres_bin)
  [ -n "$POSTGRES_BIN" ] && return
  say "Installing Debian's PostgreSQL"
  # The package would make and start a cluster of its own; Drop Close has its own.
  if [ "$(id -u)" = 0 ] && [ ! -e /etc/postgresql-common/createcluster.conf ]; then
    mkdir -p /etc/postgresql-common
    echo 'create_main_cluster = false' >/etc/postgresql-common/createcluster.conf
  fi
  install_packages postgresql
  POSTGRES_BIN=$(postgres_bin)
  [ -n "$POSTGRES_BIN" ] || fail "PostgreSQL is still missing after installing Debian's package postgresql."
}

# Where the data of database $1 lives: inside the project, unless the postgres user cannot get there.
postgres_home() {
  local home="$PROJECT/.data/$1"
  mkdir -p "$home"
  if [ "$(id -u)" = 0 ]; then
    chown postgres: "$home"
    if ! as_postgres test -w "$home"; then
      home="/var/lib/drop-close/$(echo "$PROJECT" | cksum | cut -d' ' -f1)-$1"
      mkdir -p "$home"
      chown postgres: "$home"
    fi
  fi
  chmod 700 "$home"
  echo "$home"
}

# start_postgres NAME PORT [extra server options]
start_postgres() {
  local name=$1 port=$2 extra=${3:-}
  POSTGRES_HOME=$(postgres_home "$name")
  if [ ! -e "$POSTGRES_HOME/db/PG_VERSION" ]; then
    as_postgres "$POSTGRES_BIN/initdb" -D "$POSTGRES_HOME/db" -U dropclose -E UTF8 --locale=C.UTF-8 \
      --auth=trust >"$PROJECT/.data/$name-initdb.log" 2>&1 ||
      fail "The database could not be set up; see .data/$name-initdb.log."
  fi
  STARTED_POSTGRES=yes
  # Left over from a run that was cut off: it is ours, so it is used, and stopped at the end.
  if postgres_running; then return; fi
  as_postgres "$POSTGRES_BIN/pg_ctl" -D "$POSTGRES_HOME/db" -l "$POSTGRES_HOME/server.log" -w -t 60 \
    -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' $extra" start >/dev/null ||
    fail "The database did not start on 127.0.0.1:$port (is the port taken?); see $POSTGRES_HOME/server.log."
}

postgres_running() {
  as_postgres "$POSTGRES_BIN/pg_ctl" -D "$POSTGRES_HOME/db" status >/dev/null 2>&1
}

# The database NAME on PORT, made if it is not there.
ensure_database() {
  local port=$1 name=$2
  local psql=("$POSTGRES_BIN/psql" -h 127.0.0.1 -p "$port" -U dropclose -d postgres -qtA)
  if [ "$("${psql[@]}" -c "select 1 from pg_database where datname = '$name'")" != 1 ]; then
    "${psql[@]}" -c "create database \"$name\"" || fail "The database $name could not be made."
  fi
}

# The database NAME on PORT, empty.
fresh_database() {
  local port=$1 name=$2
  "$POSTGRES_BIN/psql" -h 127.0.0.1 -p "$port" -U dropclose -d postgres -qtA \
    -c "drop database if exists \"$name\" with (force)" 2>/dev/null || true
  ensure_database "$port" "$name"
}

stop_postgres() {
  [ "${STARTED_POSTGRES:-no}" = yes ] || return 0
  STARTED_POSTGRES=no
  as_postgres "$POSTGRES_BIN/pg_ctl" -D "$POSTGRES_HOME/db" -m fast -w -t 30 stop >/dev/null 2>&1 || true
}
