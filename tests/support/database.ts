import { fileURLToPath } from 'node:url';
import { connect, type Connection, migrateDatabase } from '@data/db';
import { loadDemo } from '@server/demo/load-demo';
import { signInOf } from '@server/sign-in';
import pg from 'pg';

const SERVER = process.env.TEST_DATABASE_URL;
export const SECRET = 'tests-only-'.repeat(4);

const urlOf = (name: string): string => {
  if (!SERVER) throw new Error('TEST_DATABASE_URL is not set: run bin/test');
  return Object.assign(new URL(SERVER), { pathname: `/${name}` }).toString();
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
export async function fill(db: Connection['db'], kind: 'empty' | 'demo'): Promise<void> {
  await migrateDatabase(db, fileURLToPath(new URL('../../src/data/migrations', import.meta.url)));
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
      const { db, close } = connect(urlOf(`${name}_new`), 2);
      await fill(db, kind);
      await close();
      await admin.query(`alter database ${name}_new rename to ${name}`);
    }
    return name;
  });
}

export interface TestDatabase extends Connection {
  readonly url: string;
}

let count = 0;

/** A database of its own for a test file, empty or with the demo scenario. */
export async function freshDatabase(kind: 'empty' | 'demo' = 'demo'): Promise<TestDatabase> {
  const from = await template(kind);
  const name = `t_${process.pid}_${Date.now()}_${count++}`;
  await asAdmin(async (admin) => {
    await admin.query('select pg_advisory_lock(4711)');
    await admin.query(`create database ${name} template ${from}`);
  });
  const url = urlOf(name);
  return { ...connect(url, 8), url };
}
