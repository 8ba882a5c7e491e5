# A demo server on a throwaway cluster and a free port, for pictures and benches. Sourced after cluster.sh.
# Sets ORIGIN; everything is taken down when the script ends.
start_demo_server() {
  WORK=$(mktemp -d /tmp/ivory-rail-demo.XXXXXX)
  chmod 755 "$WORK"
  SERVER=
  trap stop_demo_server EXIT
  unset DATABASE_URL MIGRATE_URL BACKUP_URL
  start_cluster "$WORK/postgres" throwaway
  PORT=$(free_port)
  AUTH_SECRET=$(node -e 'process.stdout.write(require("crypto").randomBytes(32).toString("hex"))')
  export PORT AUTH_SECRET HOST=127.0.0.1
  node_modules/.bin/tsx src/cli/prepare.ts >/dev/null
  node bin/serve.mjs >"$WORK/server.log" 2>&1 &
  SERVER=$!
  ORIGIN=http://127.0.0.1:$PORT
  for _ in $(seq 1 100); do
    node -e 'fetch(process.argv[1]).then(r=>process.exit(r.ok?0:1),()=>process.exit(1))' "$ORIGIN/health" && return 0
    sleep 0.2
  done
  fail 'The demo server does not answer.'
}

stop_demo_server() {
  trap - EXIT INT TERM
  [ -z "$SERVER" ] || kill "$SERVER" 2>/dev/null || true
  stop_cluster
  rm -rf "$WORK" 2>/dev/null || true
}
