# The server as ./start runs it. Sourced; expects `say`, `fail`, scripts/postgres.sh, scripts/backups.sh and PORT.

SERVER=""
# A server that ends so often in a row before it answers has a reason that another start does not mend.
MOST_STARTS=5

server_file() {
  echo "$DATA/server-$1.pid"
}

# Whether process $1 is a server of this folder.
is_server() {
  process_has "$1" "$PROJECT/apps/server/dist/main.js"
}

answers() {
  (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null
}

# A server that outlived its ./start is ended; anything else that answers at the port is named and left alone.
clear_port() {
  answers "$1" || return 0
  local pid parent
  read -r pid parent 2>/dev/null <"$(server_file "$1")" || true
  if ! is_server "${pid:-}"; then
    # One that was killed a moment ago is no process of ours any more, and yet answers until it is gone.
    wait_for "! answers $1" 2 && return 0
    fail "Something else answers at http://127.0.0.1:$1. Set DROP_CLOSE_PORT for another port."
  fi
  if process_has "$parent" ./start || process_has "$parent" "$PROJECT/start"; then
    fail "Drop Close is running at http://127.0.0.1:$1. Stop it with Ctrl-C where it was started, or: kill $parent"
  fi
  say "A server from before is still running; it is ended"
  kill "$pid" 2>/dev/null || true
  wait_for "! is_server $pid && ! answers $1" 10 ||
    fail "The server from before does not end. End it with: kill -9 $pid"
}

# wait_for CONDITION SECONDS
wait_for() {
  local tries=$(($2 * 10))
  until eval "$1"; do
    tries=$((tries - 1))
    [ "$tries" -gt 0 ] || return 1
    sleep 0.1
  done
}

start_server() {
  # Room for what one burst of saves makes, so that it is seldom cleared away meanwhile; in MB.
  node --max-semi-space-size=64 "$PROJECT/apps/server/dist/main.js" 8>&- &
  SERVER=$!
  echo "$SERVER $$" >"$(server_file "$PORT")"
}

end_server() {
  [ -n "$SERVER" ] || return 0
  kill "$SERVER" 2>/dev/null || true
  wait "$SERVER" 2>/dev/null || true
  SERVER=""
  rm -f "$(server_file "$PORT")"
}

# Serves until it is stopped; a server or a database that ends by itself is started again.
keep_running() {
  local starts=1
  start_server
  while sleep 1; do
    if ! postgres_running; then
      say "The database has ended; it is started again"
      run_postgres || fail "The database does not start again; see $POSTGRES_HOME/server.log."
    fi
    nightly_backup
    if kill -0 "$SERVER" 2>/dev/null; then
      [ "$starts" = 0 ] || ! answers "$PORT" || starts=0
      continue
    fi
    [ "$starts" -lt "$MOST_STARTS" ] || fail "The server has ended $starts times in a row."
    starts=$((starts + 1))
    say "The server has ended; it is started again"
    start_server
  done
}
