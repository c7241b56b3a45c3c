# Stages of ./test: each says how long it took, and what it printed where it failed. Sourced; expects `say`.

begin_stages() {
  STAGES=$(mktemp -d)
  SECONDS=0
}

end_stages() {
  # A lane that was cut off leaves nothing running.
  for lane in ${LANES:-}; do kill -- "-$lane" 2>/dev/null || true; done
  rm -rf "${STAGES:-}"
}

# stage NAME COMMAND... one after the other; the first that fails ends it all.
stage() {
  local name=$1 began=$SECONDS
  shift
  for command in "$@"; do "$command"; done
  say "$name: $((SECONDS - began)) s"
}

# What takes longer hangs, as a test that leaves something open does.
LONGEST_CHECK=45m
GIVEN_UP=124

# check NAME COMMAND... what fails is printed and counted, and the rest goes on.
check() {
  local name=$1 began=$SECONDS log code=0
  shift
  log=$(mktemp -p "$STAGES" "XXXXXX.log")
  timeout --foreground --kill-after=30 "${DROP_CLOSE_LONGEST_CHECK:-$LONGEST_CHECK}" "$@" >"$log" 2>&1 || code=$?
  if [ "$code" = 0 ]; then
    say "$name: $((SECONDS - began)) s"
    return
  fi
  echo "$name" >>"$STAGES/failed"
  if [ "$code" = "$GIVEN_UP" ]; then
    say "$name: FAILED, given up after $((SECONDS - began)) s: something in it does not end"
  else
    say "$name: FAILED after $((SECONDS - began)) s"
  fi
  cat "$log"
}

# side_by_side LANE... functions, each of checks that wait for each other; ends with the last of them.
side_by_side() {
  LANES=""
  for lane in "$@"; do
    set -m
    "$lane" &
    LANES="$LANES $!"
    set +m
  done
  for pid in $LANES; do wait "$pid" || echo "$pid" >>"$STAGES/failed"; done
  LANES=""
}

# How many checks have failed.
failed_checks() {
  if [ -e "$STAGES/failed" ]; then wc -l <"$STAGES/failed"; else echo 0; fi
}
