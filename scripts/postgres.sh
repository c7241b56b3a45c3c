# PostgreSQL with its data inside the project, reached only through a socket in a folder that nobody else
# may enter. Sourced by ./start, ./test and other scripts; expects `say` and `fail`.

# The application's role; it is no superuser. The superuser is `postgres`, as the cluster was made.
ROLE=dropclose
# Nothing listens on it: it names the socket.
SOCKET_PORT=5432

# Debian's PostgreSQL 13 or later, wherever its version put it.
postgres_bin() {
  { ls -d /usr/lib/postgresql/*/bin 2>/dev/null || true; } | sort -t/ -k5 -n | tail -n 1
}

# PostgreSQL refuses to run as root: then it runs as the postgres user, which Debian's package makes.
as_postgres() {
  # What is started here must not hold the lock of `hold_postgres`.
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@" 8>&-); else "$@" 8>&-; fi
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

# own_folder PATH: made, and open to the database's user alone.
own_folder() {
  mkdir -p "$1"
  if [ "$(id -u)" = 0 ]; then chown postgres: "$1"; fi
  chmod 700 "$1"
}

# Where the data of database $1 lives: inside the project, unless the postgres user cannot get there.
postgres_home() {
  local home="$DATA/$1"
  own_folder "$home"
  if [ "$(id -u)" = 0 ] && ! as_postgres test -w "$home"; then
    home="/var/lib/drop-close/$(echo "$DATA" | cksum | cut -d' ' -f1)-$1"
    own_folder "$home"
  fi
  echo "$home"
}

# Where its socket is. A path to a socket has at most 107 bytes: that of a deep folder is elsewhere.
postgres_sockets() {
  local folder="$POSTGRES_HOME/socket"
  if [ "$(printf %s "$folder" | wc -c)" -gt 88 ]; then
    folder="/tmp/drop-close-$(id -u)-$(echo "$POSTGRES_HOME" | cksum | cut -d' ' -f1)"
  fi
  own_folder "$folder"
  echo "$folder"
}

# start_postgres NAME [extra server options]: uses it where it runs already.
start_postgres() {
  local name=$1 extra=${2:-}
  POSTGRES_NAME=$name
  POSTGRES_EXTRA=$extra
  POSTGRES_HOME=$(postgres_home "$name")
  POSTGRES_SOCKETS=$(postgres_sockets)
  hold_postgres
  if [ ! -e "$POSTGRES_HOME/db/PG_VERSION" ]; then make_cluster; fi
  run_postgres || fail "The database did not start; see $POSTGRES_HOME/server.log."
  ensure_roles
}

# Made beside its place and moved there whole, so that one that was cut off is never taken for a cluster;
# initdb may outlive a ./start that was killed, so each makes its own.
make_cluster() {
  local new="$POSTGRES_HOME/new.$$"
  as_postgres rm -rf "$POSTGRES_HOME"/new.* 2>/dev/null || true
  as_postgres "$POSTGRES_BIN/initdb" -D "$new" -U postgres -E UTF8 --locale=C.UTF-8 \
    --auth=trust >"$DATA/$POSTGRES_NAME-initdb.log" 2>&1 ||
    fail "The database could not be set up; see $DATA/$POSTGRES_NAME-initdb.log."
  as_postgres rm -rf "$POSTGRES_HOME/db"
  as_postgres mv -T "$new" "$POSTGRES_HOME/db"
}

# Starts it unless it runs. What a killed one left behind is in the way for some seconds, so it is tried again.
run_postgres() {
  local try
  for try in 1 2 3 4 5; do
    if postgres_running; then return 0; fi
    forget_stale_pid
    # Only through the socket, whose folder is closed to others.
    echo 'local all all trust' | as_postgres tee "$POSTGRES_HOME/db/pg_hba.conf" >/dev/null
    if as_postgres "$POSTGRES_BIN/pg_ctl" -D "$POSTGRES_HOME/db" -l "$POSTGRES_HOME/server.log" -w -t 60 -s \
      -o "-p $SOCKET_PORT -c listen_addresses='' -c unix_socket_directories='$POSTGRES_SOCKETS' -c unix_socket_permissions=0700 $POSTGRES_EXTRA" \
      start >/dev/null 2>&1; then
      return 0
    fi
    sleep "$try"
  done
  return 1
}

# Its pid file: line 1 is its process, line 5 the folder of its socket, line 8 how far it is.
read_pid_file() {
  POSTGRES_LINES=()
  { mapfile -t POSTGRES_LINES <"$POSTGRES_HOME/db/postmaster.pid"; } 2>/dev/null || true
}

# Whether the process of the pid file is a PostgreSQL of this folder, and no other that has got its number.
is_postgres() {
  read_pid_file
  process_has "${POSTGRES_LINES[0]:-}" "$POSTGRES_HOME/db"
}

# Every return says its status: in a trap a bare one would give that of what was interrupted.
postgres_running() {
  is_postgres || return 1
  # One that was started before it had a socket of its own is started anew.
  [[ "${POSTGRES_LINES[7]:-}" != ready* ]] || [ "${POSTGRES_LINES[4]:-}" = "$POSTGRES_SOCKETS" ] && return 0
  end_postgres
  return 1
}

end_postgres() {
  as_postgres "$POSTGRES_BIN/pg_ctl" -D "$POSTGRES_HOME/db" -m fast -w -t 30 -s stop >/dev/null 2>&1 || true
}

# PostgreSQL would not start, or would stop an innocent process, where another has the number in the file.
forget_stale_pid() {
  is_postgres ||
    as_postgres rm -f "$POSTGRES_HOME/db/postmaster.pid" "$POSTGRES_SOCKETS/.s.PGSQL.$SOCKET_PORT.lock"
}

# admin DATABASE SQL, as the superuser.
admin() {
  "$POSTGRES_BIN/psql" -h "$POSTGRES_SOCKETS" -p "$SOCKET_PORT" -U postgres -d "$1" -qtA -v ON_ERROR_STOP=1 -c "$2"
}

# The application's role, which may do nothing but use its own databases. In clusters from before, the
# superuser had its name.
ensure_roles() {
  if ! admin postgres 'select 1' >/dev/null 2>&1; then
    local first=("$POSTGRES_BIN/psql" -h "$POSTGRES_SOCKETS" -p "$SOCKET_PORT" -d postgres -qtA -v ON_ERROR_STOP=1)
    { "${first[@]}" -U "$ROLE" -c 'create role keeper superuser login' &&
      "${first[@]}" -U keeper -c "alter role $ROLE rename to postgres" &&
      admin postgres 'drop role keeper'; } >/dev/null || fail "The database's roles could not be set up."
  fi
  [ -n "$(admin postgres "select 1 from pg_roles where rolname = '$ROLE'")" ] ||
    admin postgres "create role $ROLE login" || fail "The role $ROLE could not be made."
}

# Everything in database $1 belongs to the application's role; in clusters from before it did not.
give_to_role() {
  admin postgres "alter database \"$1\" owner to $ROLE"
  admin "$1" "do \$\$ declare each record; begin
    for each in select c.oid::regclass as name, c.relkind as kind from pg_class c
      where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'S')
        and pg_get_userbyid(c.relowner) <> '$ROLE'
        and not exists (select 1 from pg_depend d where d.objid = c.oid and d.deptype = 'a')
    loop execute format('alter table %s owner to $ROLE', each.name); end loop; end \$\$"
}

# Where the application finds database $1: a URL with the socket's folder in place of a host.
database_url() {
  echo "postgresql://$ROLE@${POSTGRES_SOCKETS//\//%2F}:$SOCKET_PORT/$1"
}

# The database NAME, made if it is not there.
ensure_database() {
  if [ -z "$(admin postgres "select 1 from pg_database where datname = '$1'")" ]; then
    admin postgres "create database \"$1\" owner $ROLE" || fail "The database $1 could not be made."
  fi
  give_to_role "$1"
}

# The database NAME, empty.
fresh_database() {
  admin postgres "drop database if exists \"$1\" with (force)" 2>/dev/null || true
  ensure_database "$1"
}

# Everyone who uses the database holds its lock; the last to let go stops it, and one that is killed lets go.
hold_postgres() {
  exec 8>>"$DATA/$POSTGRES_NAME.lock"
  flock -s 8
}

stop_postgres() {
  [ -n "${POSTGRES_HOME:-}" ] || return 0
  flock -n -x 8 || return 0
  postgres_running && end_postgres
  return 0
}
