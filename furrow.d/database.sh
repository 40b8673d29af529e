# shellcheck shell=bash
# The database: made, started and stopped on loopback. Read by ../furrow.

as_db() { if is_root; then setpriv --reuid postgres --regid postgres --init-groups "$@"; else "$@"; fi; }

# A folder that the database's user may enter: here, or elsewhere when the parents forbid it.
db_home() {
  if is_root && ! as_db test -x "$ROOT"; then
    echo "/var/lib/nimble-furrow-$(printf %s "$ROOT" | cksum | cut -d' ' -f1)/$1"
  else
    echo "$HOME_DIR/$1"
  fi
}

free_port() {
  local port
  for _ in $(seq 50); do
    port=$((20000 + RANDOM % 20000))
    (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null || { echo $port; return; }
  done
  die "no free port found"
}

db_password() { cat "$1/password"; }
db_running() { [ -d "$1/data" ] && as_db "$(PG_BIN)/pg_ctl" -D "$1/data" status >/dev/null 2>&1; }

# db_start FOLDER [server options]: makes the cluster when there is none, then starts it.
db_start() {
  local dir=$1; shift
  if [ ! -f "$dir/data/PG_VERSION" ]; then
    [ ! -d "$dir/data" ] || [ -z "$(ls -A "$dir/data")" ] || die "the data folder $dir/data is damaged: PG_VERSION is missing. Nothing was changed. Put back a copy, or start afresh with ./furrow reset"
    mkdir -p "$dir"
    # Made aside and put in place when whole: a start that is killed leaves nothing half-made.
    # What a killed one left may still be written to for a moment: each is made in a folder of its own.
    local making=$dir/making.$$
    rm -rf "$dir"/making* 2>/dev/null || true
    [ ! -d "$dir/data" ] || rmdir "$dir/data"
    (umask 077; head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' >"$dir/password")
    is_root && chown -R postgres "$dir"
    as_db "$(PG_BIN)/initdb" -D "$making" -U furrow -A scram-sha-256 --pwfile="$dir/password" -E UTF8 --locale=C.UTF-8 >"$dir/initdb.log" 2>&1 \
      || { cat "$dir/initdb.log" >&2; die "the database could not be made in $dir"; }
    mv "$making" "$dir/data"
  fi
  if ! db_running "$dir"; then
    free_port >"$dir/port"
    db_launch "$dir" "$@" \
      || { as_db tail -n 8 "$dir/data/server.log" >&2 2>/dev/null || true; die "the database in $dir did not start (its last words are above). Nothing was changed."; }
  fi
}

db_launch() { # db_launch FOLDER [server options]: starts it on the port that is written down
  local dir=$1; shift
  as_db "$(PG_BIN)/pg_ctl" -D "$dir/data" -w -t 60 -l "$dir/data/server.log" \
    -o "-c listen_addresses=127.0.0.1 -c port=$(cat "$dir/port") -c unix_socket_directories='' -c max_connections=60 $*" \
    start >/dev/null 2>&1 9>&-
}

db_stop() { if db_running "$1"; then as_db "$(PG_BIN)/pg_ctl" -D "$1/data" -m fast -w stop >/dev/null 2>&1 || true; fi; }

db_make() { # db_make FOLDER NAME
  PGPASSWORD=$(db_password "$1") "$(PG_BIN)/psql" -qAt -h 127.0.0.1 -p "$(cat "$1/port")" -U furrow -d postgres \
    -c "select 1 from pg_database where datname = '$2'" | grep -q 1 \
    || PGPASSWORD=$(db_password "$1") "$(PG_BIN)/createdb" -h 127.0.0.1 -p "$(cat "$1/port")" -U furrow "$2"
}

db_env() { # db_env FOLDER NAME
  FURROW_DB_URL="jdbc:postgresql://127.0.0.1:$(cat "$1/port")/$2" FURROW_DB_USER=furrow; export FURROW_DB_URL FURROW_DB_USER
  FURROW_DB_PASSWORD=$(db_password "$1"); export FURROW_DB_PASSWORD
}
