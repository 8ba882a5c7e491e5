# A PostgreSQL cluster of the project's own, on loopback. Sourced by bin/start and bin/test.
# Debian's own cluster on 5432 is neither used nor touched.

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

# Runs apt-get as root or through sudo; otherwise says exactly what to install.
install_debian() {
  local packages="$*"
  local as=()
  if [ "$(id -u)" -ne 0 ]; then
    if command -v sudo >/dev/null 2>&1 && sudo -n true 2>/dev/null; then as=(sudo -n); else
      fail "Missing: $packages. Install with: sudo apt-get install -y $packages"
    fi
  fi
  command -v apt-get >/dev/null 2>&1 || fail "Missing: $packages, and there is no apt-get here. Please install them."
  say "Installing from Debian: $packages"
  # Debian would start a cluster of its own on 5432: told not to, before its package comes.
  if [ ! -e /etc/postgresql-common/createcluster.conf ]; then
    "${as[@]}" mkdir -p /etc/postgresql-common
    printf 'create_main_cluster = false\n' | "${as[@]}" tee /etc/postgresql-common/createcluster.conf >/dev/null
  fi
  "${as[@]}" apt-get update -qq >/dev/null 2>&1 || true
  "${as[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq $packages >/dev/null || fail "apt-get could not install: $packages"
}

postgres_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1; }

need_postgres() {
  [ -n "$(postgres_bin)" ] && [ -x "$(postgres_bin)/initdb" ] || install_debian postgresql
  PG_BIN=$(postgres_bin)
  [ -x "$PG_BIN/initdb" ] || fail 'PostgreSQL is not here: install the Debian package postgresql.'
}

# Chromium without windows where Debian has it here (its tests take two thirds of the time), the whole one otherwise.
chromium_here() {
  local each
  for each in "${CHROMIUM:-}" /usr/bin/chromium-headless-shell /usr/bin/chromium; do
    if [ -x "$each" ]; then printf '%s' "$each" && return; fi
  done
  return 1
}

need_chromium() {
  chromium_here >/dev/null || (install_debian chromium-headless-shell) || install_debian chromium
  CHROMIUM=$(chromium_here) || fail 'Chromium is not here: install the Debian package chromium.'
  export CHROMIUM
}

# PostgreSQL refuses to run as root: then its commands run as the user Debian made for it.
as_postgres() {
  # From / because the postgres user may not be able to stand where we are.
  if [ "$(id -u)" -eq 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

free_port() {
  node -e 'const s=require("net").createServer();s.listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'
}

port_is_free() {
  node -e 'const s=require("net").createServer();s.once("error",()=>process.exit(1));s.listen(Number(process.argv[1]),"127.0.0.1",()=>s.close())' "$1"
}

# Where a cluster can live: the folder asked for, or, below a path the postgres user cannot pass, a system one.
cluster_home() {
  local wanted=$1
  mkdir -p "$wanted"
  if [ "$(id -u)" -eq 0 ]; then
    if ! runuser -u postgres -- test -x "$(dirname "$wanted")"; then
      wanted=/var/lib/ivory-rail/$(printf '%s' "$wanted" | cksum | cut -d' ' -f1)
      mkdir -p "$wanted"
    fi
    chown postgres "$wanted"
  fi
  chmod 700 "$wanted"
  printf '%s' "$wanted"
}

# start_cluster FOLDER [throwaway]: makes and starts the cluster, sets DATABASE_URL and PG_DATA.
start_cluster() {
  local folder home password_file
  folder=$1
  need_postgres
  home=$(cluster_home "$folder")
  PG_DATA=$home/data
  [ "$home" = "$folder" ] || say "The database lives in $home (the postgres user cannot reach $folder)."
  # The folder is the postgres user's; what the server needs to know is kept beside it.
  password_file=$folder.password
  if ! as_postgres test -s "$PG_DATA/PG_VERSION"; then
    (umask 077; node -e 'process.stdout.write(require("crypto").randomBytes(24).toString("hex"))' >"$password_file")
    as_postgres rm -rf "$PG_DATA"
    # shellcheck disable=SC2016
    as_postgres bash -c 'umask 077; cat >"$2"; "$0" -D "$1" -U ivory --pwfile="$2" -A scram-sha-256 -E UTF8 --locale=C.UTF-8 >/dev/null; code=$?; rm -f "$2"; exit $code' \
      "$PG_BIN/initdb" "$PG_DATA" "$home/pw" <"$password_file" || fail 'initdb failed.'
  fi
  if ! as_postgres "$PG_BIN/pg_ctl" -D "$PG_DATA" status >/dev/null 2>&1; then
    PG_PORT=$(cat "$folder.port" 2>/dev/null || true)
    if [ -z "$PG_PORT" ] || ! port_is_free "$PG_PORT"; then PG_PORT=$(free_port); fi
    printf '%s' "$PG_PORT" >"$folder.port"
    local quick=''
    [ "${2:-}" = throwaway ] && quick='-c fsync=off -c synchronous_commit=off -c full_page_writes=off -c autovacuum=off'
    # Its log says what failed, and repeats no value of any row.
    quick="$quick -c log_error_verbosity=terse -c log_min_error_statement=panic -c log_parameter_max_length_on_error=0"
    as_postgres "$PG_BIN/pg_ctl" -D "$PG_DATA" -l "$home/log" -w -t 60 \
      -o "-p $PG_PORT -h 127.0.0.1 -k '' $quick" start >/dev/null || { as_postgres tail -n 20 "$home/log" >&2; fail 'PostgreSQL did not start.'; }
    PG_STARTED=1
  fi
  PG_PORT=$(cat "$folder.port")
  ADMIN_URL="postgres://ivory:$(cat "$password_file")@127.0.0.1:$PG_PORT/postgres"
  make_roles "$folder.roles"
}

# make_roles FILE: three roles beside the superuser, who only makes them. The owner of the schema migrates; the app writes
# and makes nothing; the backup reads. Tables of the queue carry row-level security, so app and backup pass it by.
# Sets DATABASE_URL (app), MIGRATE_URL (owner) and BACKUP_URL (read-only).
make_roles() {
  local owner app backup at
  [ -s "$1" ] || (umask 077; node -e 'const c=require("crypto");for(let i=0;i<3;i++)console.log(c.randomBytes(24).toString("hex"))' >"$1")
  { read -r owner; read -r app; read -r backup; } <"$1"
  at=127.0.0.1:$PG_PORT/postgres
  "$PG_BIN/psql" "$ADMIN_URL" -v ON_ERROR_STOP=1 -q >/dev/null <<SQL || fail 'The roles of the database could not be made.'
set client_min_messages = warning;
do \$\$
declare one record;
begin
  if not exists (select from pg_roles where rolname = 'ivory_owner') then create role ivory_owner; end if;
  if not exists (select from pg_roles where rolname = 'ivory_app') then create role ivory_app; end if;
  if not exists (select from pg_roles where rolname = 'ivory_backup') then create role ivory_backup; end if;
  -- What an earlier release made as the superuser is the owner's now.
  for one in
    select format('alter table %I.%I owner to ivory_owner', n.nspname, c.relname) as what
    from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where n.nspname in ('public', 'drizzle', 'graphile_worker') and c.relkind in ('r', 'p', 'v', 'm') and c.relowner <> 'ivory_owner'::regrole
    union all
    select format('alter function %s owner to ivory_owner', p.oid::regprocedure)
    from pg_proc p join pg_namespace n on n.oid = p.pronamespace
    where n.nspname in ('public', 'graphile_worker') and p.proowner <> 'ivory_owner'::regrole
    union all
    select format('alter type %I.%I owner to ivory_owner', n.nspname, t.typname)
    from pg_type t join pg_namespace n on n.oid = t.typnamespace left join pg_class c on c.oid = t.typrelid
    where n.nspname = 'graphile_worker' and t.typowner <> 'ivory_owner'::regrole and t.typelem = 0 and (t.typrelid = 0 or c.relkind = 'c')
    union all
    select format('alter schema %I owner to ivory_owner', nspname) from pg_namespace
    where nspname in ('public', 'drizzle', 'graphile_worker') and nspowner <> 'ivory_owner'::regrole
  loop execute one.what; end loop;
end \$\$;
-- Of databases the owner makes one: the practice shop's, beside this one, and drops it.
alter role ivory_owner login password '$owner' nosuperuser createdb;
alter role ivory_app login bypassrls password '$app' nosuperuser;
alter role ivory_backup login bypassrls password '$backup' nosuperuser;
alter role ivory_backup set default_transaction_read_only = on;
grant create on database postgres to ivory_owner;
revoke create on schema public from public;
SQL
  DATABASE_URL="postgres://ivory_app:$app@$at"
  MIGRATE_URL="postgres://ivory_owner:$owner@$at"
  BACKUP_URL="postgres://ivory_backup:$backup@$at"
  export DATABASE_URL MIGRATE_URL BACKUP_URL
}

stop_cluster() {
  [ -n "${PG_STARTED:-}" ] || return 0
  as_postgres "$PG_BIN/pg_ctl" -D "$PG_DATA" -m fast -w stop >/dev/null 2>&1 || true
  PG_STARTED=
}

need_node() {
  command -v node >/dev/null 2>&1 || fail 'Node 20 is wanted: https://nodejs.org, or the Debian package nodejs.'
  node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||(a===20&&b>=3)?0:1)' || fail "Node 20.3 or newer is wanted; this is $(node --version)."
}

# need_packages [dev]: npm ci when the lock changed since the last time, or when the packages of the tests are wanted and are
# not there. A shop that only serves installs none of those.
need_packages() {
  local stamp=node_modules/.ivory-lock sum has
  sum=$(cksum <package-lock.json)
  has=$(cat "$stamp" 2>/dev/null || true)
  case $has in "$sum dev") return 0 ;; "$sum") [ "${1:-}" = dev ] || return 0 ;; esac
  say 'Installing packages (npm ci)…'
  if [ "${1:-}" = dev ]; then set -- --include=dev; else set -- --omit=dev; fi
  npm ci "$1" --no-audit --no-fund --loglevel=error >/dev/null || fail 'npm ci failed.'
  [ "$1" = --omit=dev ] || sum="$sum dev"
  printf '%s' "$sum" >"$stamp"
}

# The build, when anything it is made from is newer.
need_build() {
  if [ -e dist/.built ] && [ -z "$(find src public package-lock.json astro.config.ts tsconfig.json -newer dist/.built -print -quit 2>/dev/null)" ]; then return 0; fi
  say 'Building…'
  mkdir -p var
  npx astro build >var/build.log 2>&1 || { tail -n 30 var/build.log >&2; fail 'The build failed.'; }
  touch dist/.built
}
