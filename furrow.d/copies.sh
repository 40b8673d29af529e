# shellcheck shell=bash
# Copies of all farms, kept and put back. Read by ../furrow.

in_use() { cat "$HOME_DIR/database" 2>/dev/null || echo "$DB_NAME"; }
pg() { # pg TOOL FOLDER [arguments]: one of the database's tools, as its owner
  local tool=$1 dir=$2; shift 2
  PGPASSWORD=$(db_password "$dir") "$(PG_BIN)/$tool" -h 127.0.0.1 -p "$(cat "$dir/port")" -U furrow "$@"
}

# The database is up for the length of a command, and left as it was found.
db_borrow() { # db_borrow FOLDER
  [ -f "$1/data/PG_VERSION" ] || die "there is no database in $1 yet: ./furrow start makes one"
  if ! db_running "$1"; then
    STARTED_DB=$1
    trap 'db_stop "$STARTED_DB"' EXIT
    db_start "$1"
  fi
}

# schema_of FILE: the number of the newest change of the tables that a copy has; empty when it is no copy of ours
schema_of() {
  "$(PG_BIN)/pg_restore" --data-only --table=flyway_schema_history -f - "$1" 2>/dev/null \
    | awk -F'\t' '$2 ~ /^[0-9]+$/ && $2 + 0 > most {most = $2 + 0} END {if (most) print most}'
}
known_schema() { find "${MIGRATIONS:-server/src/main/resources/db/migration}" -name 'V*.sql' | sed -n 's/.*\/V\([0-9]*\)__.*/\1/p' | sort -n | tail -n 1; }

backup() {
  local db file; db=$(db_home db)
  case ${1:-} in -*) usage; exit 2 ;; esac
  file=${1:-$HOME_DIR/backups/farms-$(date +%Y-%m-%d-%H%M%S).backup}
  case $file in /*) ;; *) [ -z "${1:-}" ] || file=$FROM/$file ;; esac
  hold
  install_missing
  db_borrow "$db"
  mkdir -p "$(dirname "$file")" 2>/dev/null || die "the folder of $file cannot be made. Nothing was written"
  [ ! -e "$file" ] || die "$file is there already. Nothing was written"
  local part=$file.part wanted
  (umask 077; : >"$part") 2>/dev/null || die "$file cannot be written. Nothing was written"
  if ! pg pg_dump "$db" -d "$(in_use)" -Fc -f "$part" 2>"$HOME_DIR/backup.log"; then
    rm -f "$part"; tail -n 3 "$HOME_DIR/backup.log" >&2; die "the copy could not be written; what is kept here is as it was"
  fi
  # Read back to its last byte before it is called a copy.
  wanted=$(known_schema)
  if ! "$(PG_BIN)/pg_restore" -f /dev/null "$part" 2>"$HOME_DIR/backup.log" || [ -z "$(schema_of "$part")" ]; then
    rm -f "$part"; die "the copy could not be read back, so it was thrown away; what is kept here is as it was"
  fi
  mv "$part" "$file"
  say "All farms are copied to $file ($(du -h "$file" | cut -f1)), read back whole; version $(schema_of "$file") of the tables, this program knows $wanted."
}

restore() {
  local file='' yes='' db name has
  while [ $# -gt 0 ]; do
    case $1 in --yes) yes=1 ;; -*) usage; exit 2 ;; *) file=$1 ;; esac
    shift
  done
  [ -n "$file" ] || die "say which file: ./furrow restore FILE"
  case $file in /*) ;; *) file=$FROM/$file ;; esac
  [ -r "$file" ] || die "$file cannot be read. Nothing was changed"
  hold
  install_missing
  if server_pid >/dev/null; then die "the application is running: ./furrow stop first. Nothing was changed"; fi
  has=$(schema_of "$file") || has=
  [ -n "$has" ] || die "$file is no copy of Nimble Furrow, or it is damaged. Nothing was changed"
  [ "$has" -le "$(known_schema)" ] || die "$file was made by a newer Nimble Furrow (tables $has, this one knows $(known_schema)). Nothing was changed"
  "$(PG_BIN)/pg_restore" -f /dev/null "$file" 2>/dev/null || die "$file is damaged. Nothing was changed"
  db=$(db_home db); name=$(in_use)
  STARTED_DB=$db
  trap 'db_stop "$STARTED_DB"' EXIT
  db_start "$db"
  db_make "$db" "$name"
  local farms; farms=$(pg psql "$db" -d "$name" -qAtc "select count(*) from farm" 2>/dev/null) || farms=0
  if [ "$farms" -gt 0 ] && [ -z "$yes" ]; then
    printf 'There are %s farms here; the copy takes their place, and they are kept aside as %s_before. Type yes to go on: ' "$farms" "$name"
    local answer=; read -r answer || true
    [ "$answer" = yes ] || { say "Nothing was changed."; exit 1; }
  fi
  # Put back beside what is here, and in its place only when it is whole.
  pg psql "$db" -d postgres -qc "drop database if exists ${name}_coming with (force)" >/dev/null
  pg createdb "$db" "${name}_coming"
  if ! pg pg_restore "$db" -d "${name}_coming" --no-owner --exit-on-error --single-transaction "$file" 2>"$HOME_DIR/restore.log"; then
    pg psql "$db" -d postgres -qc "drop database if exists ${name}_coming with (force)" >/dev/null
    tail -n 3 "$HOME_DIR/restore.log" >&2
    die "the copy could not be put back. Nothing was changed"
  fi
  pg psql "$db" -d postgres -qc "drop database if exists ${name}_before with (force)" >/dev/null
  pg psql "$db" -d postgres -qc "alter database ${name} rename to ${name}_before" -c "alter database ${name}_coming rename to ${name}" >/dev/null
  farms=$(pg psql "$db" -d "$name" -qAtc "select count(*) from farm")
  say "The copy is back: $farms farms. What was here before is kept aside as ${name}_before. ./furrow start goes on with it."
}
