import { fileURLToPath } from 'node:url';
import { grantAccess, roleOf } from '@data/access';
import { connect, type Connection, migrateDatabase } from '@data/db';
import { loadDemo } from '@server/demo/load-demo';
import { signInOf } from '@server/sign-in';
import { runMigrations } from 'graphile-worker';
import pg from 'pg';

/** How long tests wait for a connection, ms: on a busy machine PostgreSQL may be long in answering, and that is no fault. */
export const PATIENT_MS = 60_000;

export const MIGRATIONS = fileURLToPath(new URL('../../src/data/migrations', import.meta.url));

/** The cluster of this run: as its superuser, and as the app and the backup sign in to it. */
const SERVER = process.env.TEST_DATABASE_URL;
const APP = process.env.TEST_APP_URL ?? SERVER;
const BACKUP = process.env.TEST_BACKUP_URL ?? SERVER;
export const SECRET = 'tests-only-'.repeat(4);

const urlOf = (name: string, as = SERVER): string => {
  if (!as) throw new Error('TEST_DATABASE_URL is not set: run bin/test');
  return Object.assign(new URL(as), { pathname: `/${name}` }).toString();
};

async function asAdmin<T>(work: (admin: pg.Client) => Promise<T>): Promise<T> {
  const admin = new pg.Client({ connectionString: SERVER });
  await admin.connect();
  try {
    return await work(admin);
  } finally {
    await admin.end();
  }
}

/** Brings an empty database to the newest migration and, for `demo`, loads The Heron Room. */
export async function fill({ db, pool }: Connection, kind: 'empty' | 'demo', appUrl = APP): Promise<void> {
  await migrateDatabase(db, MIGRATIONS);
  await runMigrations({ pgPool: pool });
  await grantAccess(db, { app: roleOf(appUrl), backup: roleOf(BACKUP) });
  if (kind === 'demo') await loadDemo(db, signInOf(db, SECRET, 'http://127.0.0.1'), new Date());
}

/** A template with migrations and, for `demo`, The Heron Room; made once a run. */
async function template(kind: 'empty' | 'demo'): Promise<string> {
  const name = `template_${kind}`;
  return asAdmin(async (admin) => {
    await admin.query('select pg_advisory_lock(4711)');
    const there = await admin.query('select 1 from pg_database where datname = $1', [name]);
    if (there.rowCount === 0) {
      await admin.query(`create database ${name}_new`);
      const connection = connect(urlOf(`${name}_new`), 2);
      await fill(connection, kind);
      await connection.close();
      await admin.query(`alter database ${name}_new rename to ${name}`);
    }
    return name;
  });
}

export interface TestDatabase extends Connection {
  /** As the app signs in: what a server is given. The connection itself is the superuser's. */
  readonly url: string;
  readonly adminUrl: string;
  /** As a backup signs in. */
  readonly backupUrl: string;
}

let count = 0;

/** A database of its own for a test file, empty or with the demo scenario. */
export const freshDatabase = async (kind: 'empty' | 'demo' = 'demo'): Promise<TestDatabase> =>
  made(await template(kind));

/** A database without a table. */
export const emptyDatabase = (): Promise<TestDatabase> => made('template0');

async function made(from: string): Promise<TestDatabase> {
  const name = `t_${process.pid}_${Date.now()}_${count++}`;
  await asAdmin(async (admin) => {
    await admin.query('select pg_advisory_lock(4711)');
    await admin.query(`create database ${name} template ${from}`);
  });
  const adminUrl = urlOf(name);
  return {
    ...connect(adminUrl, 8, undefined, PATIENT_MS),
    adminUrl,
    url: urlOf(name, APP),
    backupUrl: urlOf(name, BACKUP),
  };
}
