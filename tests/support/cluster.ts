import { execFileSync } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export interface OwnCluster {
  readonly url: string;
  /** Kills PostgreSQL in the middle of what it does and starts it again; it recovers from its log. */
  readonly crash: () => void;
  readonly stop: () => void;
}

/** A PostgreSQL of one test's own, durable as in a shop, to be crashed. Made by the project's own scripts. */
export function ownCluster(): OwnCluster {
  const folder = mkdtempSync(join(tmpdir(), 'ivory-rail-crash-'));
  chmodSync(folder, 0o755);
  const run = (script: string): string =>
    execFileSync(
      'bash',
      ['-c', `set -e; . bin/cluster.sh; start_cluster "${folder}/postgres" >/dev/null; ${script}`],
      { encoding: 'utf8' },
    ).trim();
  const url = run('echo "$DATABASE_URL"');
  return {
    url,
    crash: () =>
      void run(
        `as_postgres "$PG_BIN/pg_ctl" -D "$PG_DATA" -m immediate -w stop >/dev/null; start_cluster "${folder}/postgres" >/dev/null`,
      ),
    stop: () => {
      run('PG_STARTED=1; stop_cluster');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
