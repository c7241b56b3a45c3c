# Backups of the book: one file each, taken while it is open or not. Sourced; expects scripts/postgres.sh
# with the database started.

NIGHTLY_KEPT=7
# From this hour on, by the machine's clock, a day's backup is taken.
NIGHTLY_HOUR=3

backup_folder() {
  local folder="$DATA/backups"
  mkdir -p "$folder"
  chmod 700 "$folder"
  echo "$folder"
}

# write_backup FILE: whole or not at all.
write_backup() {
  local file=$1
  (
    umask 077
    "$POSTGRES_BIN/pg_dump" -h "$POSTGRES_SOCKETS" -p "$SOCKET_PORT" -U "$ROLE" -d dropclose -Fc \
      --no-owner --no-privileges --exclude-schema=pgboss --exclude-table-data='job*' >"$file.part"
  ) 8>&- || {
    rm -f "$file.part"
    return 1
  }
  mv "$file.part" "$file"
}

# One a day by itself; the last seven are kept.
nightly_backup() {
  local folder file
  [ "$(date +%-H)" -ge "$NIGHTLY_HOUR" ] || return 0
  folder=$(backup_folder)
  file="$folder/nightly-$(date +%F).backup"
  [ ! -e "$file" ] || return 0
  write_backup "$file" || { say "The nightly backup could not be written to $folder"; return 0; }
  ls -1t "$folder"/nightly-*.backup | tail -n "+$((NIGHTLY_KEPT + 1))" | xargs -r rm -f
}

# Before a newer version changes the tables of a book that is there.
backup_before_update() {
  local known applied
  applied=$(admin dropclose 'select count(*) from mikro_orm_migrations' 2>/dev/null) || return 0
  known=$(find apps/server/dist/database/migrations -name 'Migration*.js' | wc -l)
  [ "$applied" -lt "$known" ] || return 0
  say "A backup is taken before the book is brought up to this version"
  write_backup "$(backup_folder)/before-update-$(date +%F-%H%M%S).backup" ||
    fail "No backup could be written to $DATA/backups, so the book is left as it is."
}
