import journal from '../../src/data/migrations/meta/_journal.json';
import { execFile } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { promisify } from 'node:util';
import { APPEND_ONLY, grantAccess, roleOf } from '@data/access';
import { connect, migrateDatabase, sqlState } from '@data/db';
import { garment } from '@data/schema';
import { sql } from 'drizzle-orm';
import { runMigrations } from 'graphile-worker';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ownCluster } from '../support/cluster';
import { emptyDatabase, fill, freshDatabase, MIGRATIONS, type TestDatabase } from '../support/database';

const exec = promisify(execFile);
let base: TestDatabase;
beforeAll(async () => {
  base = await freshDatabase();
  // The demo has no piece that came back after its box was closed, and no voucher; a row is wanted in every table here.
  await base.db.execute(sql`
    insert into credit_note (shop_id, no, box_id, box_line_id, amount_minor, tax_minor, withheld_minor, back_to, at)
    select shop_id, 1, box_id, gen_random_uuid(), 100, 0, 0, 'shelf', now() from receipt limit 1`);
  await base.db.execute(sql`
    with made as (insert into voucher (shop_id, code) select id, 'AAAA-AAAA' from shop limit 1 returning id)
    insert into voucher_movement (voucher_id, cause, amount_minor, at) select id, 'issue', 5000, now() from made`);
});
afterAll(() => base.close());

/** The code PostgreSQL refuses a statement with, as one role. */
async function refusal(url: string, statement: string): Promise<string | undefined> {
  const { db, close } = connect(url, 1);
  try {
    await db.execute(sql.raw(statement));
    return undefined;
  } catch (error) {
    return sqlState(error);
  } finally {
    await close();
  }
}
const DENIED = '42501';

describe('the app', () => {
  it.each(APPEND_ONLY)('%s can be written and read, and nothing of it changed or deleted', async (table) => {
    expect(await refusal(base.url, `select 1 from ${table} limit 1`)).toBeUndefined();
    expect(await refusal(base.url, `update ${table} set at = at`)).toBe(DENIED);
    expect(await refusal(base.url, `delete from ${table}`)).toBe(DENIED);
    expect(await refusal(base.url, `truncate ${table}`)).toBe(DENIED);
    // Not even whoever owns it: the table itself refuses.
    expect(await refusal(base.adminUrl, `delete from ${table}`)).toBe('23001');
  });

  it.each([
    ['create table', 'create table mine (id int)'],
    ['alter table', 'alter table box add column mine int'],
    ['drop table', 'drop table box'],
    ['truncate', 'truncate box cascade'],
    ['create a function', 'create function f() returns int language sql as $$ select 1 $$'],
    ['drop a trigger', 'drop trigger audit_append_only on audit'],
    ['run a program', "copy (select 1) to program 'true'"],
    ['read a file', "copy box from '/etc/passwd'"],
    ['make a role', 'create role mine'],
    ['change its own migrations', "insert into drizzle.__drizzle_migrations (hash) values ('x')"],
  ])('cannot %s', async (_what, statement) => {
    expect(await refusal(base.url, statement)).toBe(DENIED);
  });

  it('does the jobs of the queue', async () => {
    expect(
      await refusal(base.url, `select graphile_worker.add_job('sweep_holds', '{}'::json)`),
    ).toBeUndefined();
    expect(await refusal(base.url, 'select * from graphile_worker.jobs')).toBeUndefined();
  });
});

describe('the backup', () => {
  it('reads every table, the queue’s too, and writes none', async () => {
    const { stdout } = await exec('pg_dump', ['--data-only', '--inserts', base.backupUrl], {
      maxBuffer: 400_000_000,
    });
    expect(stdout).toContain('INSERT INTO public.garment');
    expect(stdout).toContain('graphile_worker');
    for (const statement of [
      'delete from box',
      'update client set name = name',
      'create table mine (id int)',
    ])
      expect(['25006', DENIED]).toContain(await refusal(base.backupUrl, statement));
  });
});

describe('a database of the release before the migrations were made one', () => {
  it('gets the baseline row, keeps what is in it, and ends like a new one', async () => {
    const old = await emptyDatabase();
    const fresh = await emptyDatabase();
    try {
      await old.db.execute(
        sql.raw(readFileSync(new URL('fixtures/before-squash.sql', import.meta.url), 'utf8')),
      );
      await old.db.execute(sql`set search_path to public`);
      await Promise.all([migrateDatabase(old.db, MIGRATIONS), migrateDatabase(old.db, MIGRATIONS)]);
      await migrateDatabase(fresh.db, MIGRATIONS);
      expect(await old.db.select({ title: garment.title }).from(garment)).toEqual([{ title: 'Quay tee' }]);
      const shape = async (url: string): Promise<string> =>
        (
          await exec('pg_dump', ['--schema-only', '--no-owner', '--no-privileges', '--schema=public', url])
        ).stdout
          .split('\n')
          .filter((line) => line.trim() !== '' && !/^(--|SET|SELECT|\\)/.test(line))
          .map((line) => line.replace(/,$/, ''))
          .sort()
          .join('\n');
      expect(await shape(old.adminUrl)).toBe(await shape(fresh.adminUrl));
      const rows = await old.db.execute<{ at: string }>(
        sql`select created_at as at from drizzle.__drizzle_migrations`,
      );
      expect(rows.rows.length).toBe(8 + journal.entries.length);
    } finally {
      await old.close();
      await fresh.close();
    }
  });

  it('an older one is told what to do, and nothing of it is touched', async () => {
    const older = await emptyDatabase();
    try {
      await older.db.execute(sql`create schema drizzle`);
      await older.db.execute(
        sql`create table drizzle.__drizzle_migrations (id serial primary key, hash text, created_at bigint)`,
      );
      await older.db.execute(
        sql`insert into drizzle.__drizzle_migrations (hash, created_at) values ('x', 1795561195149)`,
      );
      await expect(migrateDatabase(older.db, MIGRATIONS)).rejects.toThrow(/older than the last release/);
      const there = await older.db.execute(sql`select to_regclass('public.box') as box`);
      expect(there.rows).toEqual([{ box: null }]);
    } finally {
      await older.close();
    }
  });
});

describe('a cluster of the release before there were roles', () => {
  it('is the owner’s at the next start: everything the superuser made, the queue’s views too', async () => {
    const cluster = await ownCluster();
    const admin = connect(cluster.adminUrl, 2);
    const owner = connect(cluster.ownerUrl, 2);
    try {
      await fill(admin, 'empty', cluster.appUrl);
      await cluster.start();
      const foreign = await admin.db.execute<{ name: string }>(sql`
        select c.relname as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
        where n.nspname in ('public', 'drizzle', 'graphile_worker') and c.relkind in ('r', 'v', 'S', 'm')
          and pg_get_userbyid(c.relowner) <> 'ivory_owner'`);
      expect(foreign.rows).toEqual([]);
      await migrateDatabase(owner.db, MIGRATIONS);
      await runMigrations({ pgPool: owner.pool });
      await grantAccess(owner.db, { app: roleOf(cluster.appUrl) });
      expect(await refusal(cluster.appUrl, 'select * from graphile_worker.jobs')).toBeUndefined();
    } finally {
      await admin.close();
      await owner.close();
      await cluster.remove();
    }
  });
});
