# shellcheck shell=bash
# Running: start, stop, status, reset, and whoever watches. Read by ../furrow.

# A quarter of the machine's memory, 768 MB at least; one core is best served by the plain collector. Out of memory a
# server may live on without ever answering: it ends itself, and is started again.
heap_mb() { local quarter; quarter=$(awk '/^MemTotal:/ {print int($2 / 4096)}' "${MEMINFO:-/proc/meminfo}"); echo $((quarter > 768 ? quarter : 768)); }
collector() { if [ "$(nproc)" -ge 2 ] && [ "$(heap_mb)" -ge 1536 ]; then echo -XX:+UseG1GC; else echo -XX:+UseSerialGC; fi; }
JAVA_FLAGS=("$(collector)" "-Xmx$(heap_mb)m" -XX:+ExitOnOutOfMemoryError)
server_pid() { [ -f "$HOME_DIR/server.pid" ] && kill -0 "$(cat "$HOME_DIR/server.pid")" 2>/dev/null && cat "$HOME_DIR/server.pid"; }
# Health is asked on a port of its own, whose threads no reader's request holds.
health_port() { cat "$HOME_DIR/health.port" 2>/dev/null; }
answers() { curl -fs -m 5 "http://127.0.0.1:$(health_port)/actuator/health" >/dev/null 2>&1; }
# progress: requests answered so far, and how many are being answered
progress() { curl -fs -m 10 "http://127.0.0.1:$(health_port)/actuator/progress" 2>/dev/null | tr -dc '0-9,' | tr ',' ' '; }

train() { # remember loaded classes once, so that later starts are quicker
  [ -f "$HOME_DIR/app.jsa" ] && return
  step "Preparing quick starts …"
  java "${JAVA_FLAGS[@]}" -XX:ArchiveClassesAtExit="$HOME_DIR/app.jsa" -Dspring.context.exit=onRefresh -jar "$HOME_DIR/app/app.jar" --server.port=0 --furrow.demo=false >"$HOME_DIR/train.log" 2>&1 || rm -f "$HOME_DIR/app.jsa"
}

# One command at a time starts or stops; whoever comes second waits for the first.
hold() {
  mkdir -p "$HOME_DIR"
  exec 9>"$HOME_DIR/lock"
  flock -n 9 && return
  say "Another ./furrow command is starting or stopping it: waiting for that one …"
  flock -w 900 9 || die "the other command does not come to an end; see $HOME_DIR"
}
let_go() { exec 9>&-; }

# A server that lives but does not answer, as when its database is off: mended, or ended.
mend() {
  local db=$1
  say "The server does not answer: looking why …"
  if ! db_running "$db" && db_launch "$db"; then say "Its database was off and is back."; fi
  for _ in $(seq 100); do answers && return; sleep 0.1; done
  if [ -n "$(progress)" ]; then say "It is at work and only slow to answer: left alone."; return; fi
  say "It does not come back: ending it."
  end_server
  return 1
}

serve() { # starts the server; FURROW_PORT, MANAGEMENT_SERVER_PORT, FURROW_DEMO and the database's place are set
  local cds=(); [ -f "$HOME_DIR/app.jsa" ] && cds=(-XX:SharedArchiveFile="$HOME_DIR/app.jsa" -Xshare:auto)
  setsid java "${JAVA_FLAGS[@]}" "${cds[@]}" -jar "$HOME_DIR/app/app.jar" >>"$HOME_DIR/server.log" 2>&1 </dev/null 9>&- &
  SERVER=$!
  echo "$SERVER" >"$HOME_DIR/server.pid"
}

# Waits as long as the server lives: a slow machine takes its time, and a database of a new version is made over first.
await_server() {
  local waited=0
  while ! answers; do
    kill -0 "$SERVER" 2>/dev/null || return 1
    sleep 0.2
    waited=$((waited + 1))
    [ $((waited % 150)) != 0 ] || say "Still starting after $((waited / 5)) s; $(last_word)"
  done
}
last_word() { local line; line=$(grep -v '^[[:space:]]' "$HOME_DIR/server.log" 2>/dev/null | tail -n 1 | cut -c1-160) || true; say "the server's log ends: ${line:-(nothing yet)}"; }

# Watches server and database as long as they are wanted, and starts again what has ended. A server that is busy is
# left alone: only one that makes no progress is ended. It never gives up, but waits longer each time.
KEEP_TICK=1 KEEP_LONGEST=120 KEEP_SILENT=6 KEEP_STUCK=30
keep() {
  local db=$1 silent=0 stuck=0 wait=1 good=0 ticks=0 before=-1 told now
  while true; do
    if ! db_running "$db"; then
      [ -f "$db/data/PG_VERSION" ] || die "the database's folder $db/data is gone: there is nothing to keep up. Put back a copy with ./furrow restore FILE"
      say "The database has stopped; starting it again …"
      if db_launch "$db"; then
        say "The database is back; nothing saved was lost."
      else
        say "It does not start; see $db/data/server.log. What was saved is safe in $db/data. Trying again in $wait s."
        pause "$wait"; wait=$((wait * 2 < KEEP_LONGEST ? wait * 2 : KEEP_LONGEST)); good=0
        continue
      fi
    fi
    if ! kill -0 "$SERVER" 2>/dev/null; then
      say "The server has ended; starting it again in $wait s …"
      pause "$wait"; wait=$((wait * 2 < KEEP_LONGEST ? wait * 2 : KEEP_LONGEST)); good=0
      serve
      if await_server; then say "The server is back; nothing saved was lost."; else say "It ended before it was ready; see $HOME_DIR/server.log"; fi
    fi
    ticks=$((ticks + 1))
    if [ $((ticks % 10)) = 0 ]; then
      told=$(progress) || told=
      if [ -z "$told" ]; then
        silent=$((silent + 1)); good=0
      else
        silent=0; good=$((good + 1)); now=${told% *}
        if [ "${told#* }" -gt 0 ] && [ "$now" = "$before" ]; then stuck=$((stuck + 1)); else stuck=0; fi
        before=$now
        [ $good -lt 30 ] || wait=1
      fi
      if [ $silent -ge $KEEP_SILENT ] || [ $stuck -ge $KEEP_STUCK ]; then
        say "The server makes no progress any more: ending it."
        kill -9 "$SERVER" 2>/dev/null || true
        silent=0; stuck=0
      fi
    fi
    pause $KEEP_TICK
  done
}
pause() { sleep "$1" 9>&- & wait $! || true; }

start() {
  local background='' empty=''
  while [ $# -gt 0 ]; do
    case $1 in
      --port) PORT=${2:-}; if ! [[ $PORT =~ ^[0-9]+$ ]] || [ "$PORT" -lt 1 ] || [ "$PORT" -gt 65535 ]; then die "--port wants a number from 1 to 65535"; fi; shift 2 ;;
      --empty) empty=1; shift ;;
      --background) background=1; shift ;;
      *) usage; exit 2 ;;
    esac
  done
  hold
  if server_pid >/dev/null && { answers || mend "$(db_home db)"; }; then
    say "Nimble Furrow is running already at http://127.0.0.1:$(cat "$HOME_DIR/server.port")"
    return
  fi
  if (exec 3<>"/dev/tcp/127.0.0.1/$PORT") 2>/dev/null; then die "port $PORT is taken by another program: choose one with ./furrow start --port N"; fi
  room 200
  install_missing
  build_app
  local db; db=$(db_home db)
  local name=$DB_NAME; [ -z "$empty" ] || name=furrow_empty
  STARTED_DB=$db
  trap 'shut' EXIT
  trap 'exit 130' INT
  trap 'exit 143' TERM
  db_start "$db"
  db_make "$db" "$name"
  db_env "$db" "$name"
  train
  FURROW_PORT=$PORT MANAGEMENT_SERVER_PORT=$(free_port) MANAGEMENT_SERVER_ADDRESS=127.0.0.1 FURROW_DEMO=$([ -z "$empty" ] && echo true || echo false)
  export FURROW_PORT MANAGEMENT_SERVER_PORT MANAGEMENT_SERVER_ADDRESS FURROW_DEMO
  echo "$PORT" >"$HOME_DIR/server.port"
  echo "$MANAGEMENT_SERVER_PORT" >"$HOME_DIR/health.port"
  echo "$name" >"$HOME_DIR/database"
  : >"$HOME_DIR/server.log"
  step "Starting the server …"
  serve
  await_server || {
    grep -oE 'made by a newer Nimble Furrow.*' "$HOME_DIR/server.log" | tail -n 1 >&2 || true
    grep -E 'ERROR|Caused by' "$HOME_DIR/server.log" | tail -n 5 >&2 || true
    die "the server did not start; see $HOME_DIR/server.log"
  }
  took
  say ""
  say "Nimble Furrow is ready at http://127.0.0.1:$PORT"
  if [ -z "$empty" ]; then
    say "Demo sign-in: wren@sorrelbend.example, password cover-the-ground (planner); otis@sorrelbend.example likewise (operator)"
  else
    say 'Open it and choose "Start a new farm".'
  fi
  if [ -n "$background" ]; then
    trap - EXIT INT TERM
    ( trap 'exit 143' TERM; keep "$db" ) >>"$HOME_DIR/keeper.log" 2>&1 </dev/null 9>&- &
    echo $! >"$HOME_DIR/keeper.pid"
    disown
    let_go
    return
  fi
  echo $$ >"$HOME_DIR/keeper.pid"
  let_go
  say "Ctrl-C stops it."
  keep "$db"
}

end_server() {
  local pid; pid=$(server_pid) || true
  [ -z "$pid" ] || { kill "$pid" 2>/dev/null || true; for _ in $(seq 150); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done; kill -9 "$pid" 2>/dev/null || true; }
  rm -f "$HOME_DIR/server.pid"
}

end_keeper() { # whoever watches must not start again what is being stopped
  local keeper; keeper=$(cat "$HOME_DIR/keeper.pid" 2>/dev/null) || true
  rm -f "$HOME_DIR/keeper.pid"
  if [ -n "$keeper" ] && [ "$keeper" != $$ ] && tr '\0' ' ' <"/proc/$keeper/cmdline" 2>/dev/null | grep -q furrow; then
    kill "$keeper" 2>/dev/null || true
    for _ in $(seq 200); do kill -0 "$keeper" 2>/dev/null || break; sleep 0.1; done
  fi
}

shut() {
  trap - EXIT INT TERM
  end_server
  rm -f "$HOME_DIR/keeper.pid"
  [ -z "${STARTED_DB:-}" ] || db_stop "$STARTED_DB"
}

stop() {
  hold
  end_keeper
  end_server
  if [ -n "$(PG_BIN)" ]; then db_stop "$(db_home db)"; fi
  let_go
  say "Nimble Furrow is stopped."
}

status() {
  if server_pid >/dev/null && answers; then
    say "Nimble Furrow is running at http://127.0.0.1:$(cat "$HOME_DIR/server.port")"
  elif server_pid >/dev/null; then
    say "The server runs but does not answer: ./furrow start mends it."
    exit 1
  elif [ -n "$(PG_BIN)" ] && db_running "$(db_home db)"; then
    say "The database is running, the server is not."
    exit 1
  else
    say "Nimble Furrow is not running."
    exit 1
  fi
}

reset() {
  local db; db=$(db_home db)
  printf 'This throws away every farm kept in %s. Type yes to go on: ' "$db"
  local answer=; read -r answer || true
  [ "$answer" = yes ] || { say "Nothing was changed."; exit 1; }
  stop
  rm -rf "$db"
  say "The data is gone; ./furrow start begins afresh."
}
