import { execFile } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';

const exec = promisify(execFile);

export interface OwnCluster {
  /** As the superuser, and as the app signs in. */
  readonly adminUrl: string;
  readonly appUrl: string;
  /** As the owner of the schema signs in, who migrates. */
  readonly ownerUrl: string;
  readonly backupUrl: string;
  /** Kills PostgreSQL in the middle of what it does. Whoever makes the load goes on meanwhile. */
  readonly crash: () => Promise<void>;
  /** Starts it again; it recovers from its log. */
  readonly start: () => Promise<void>;
  readonly remove: () => Promise<void>;
}

/** A PostgreSQL of one test's own, durable as in a shop, to be crashed. Made by the project's own scripts. */
export async function ownCluster(): Promise<OwnCluster> {
  const folder = mkdtempSync(join(tmpdir(), 'ivory-rail-crash-'));
  chmodSync(folder, 0o755);
  const run = async (script: string): Promise<string> => {
    const { stdout } = await exec('bash', ['-c', `set -e; . bin/cluster.sh; ${script}`], {
      encoding: 'utf8',
    });
    return stdout.trim();
  };
  const start = `start_cluster "${folder}/postgres" >/dev/null`;
  const data = `need_postgres; PG_DATA=$(cluster_home "${folder}/postgres")/data`;
  const [adminUrl = '', appUrl = '', ownerUrl = '', backupUrl = ''] = (
    await run(`${start}; echo "$ADMIN_URL"; echo "$DATABASE_URL"; echo "$MIGRATE_URL"; echo "$BACKUP_URL"`)
  ).split('\n');
  return {
    adminUrl,
    appUrl,
    ownerUrl,
    backupUrl,
    crash: async () =>
      void (await run(`${data}; as_postgres "$PG_BIN/pg_ctl" -D "$PG_DATA" -m immediate -w stop >/dev/null`)),
    start: async () => void (await run(start)),
    remove: async () => {
      await run(`${data}; PG_STARTED=1; stop_cluster`);
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
