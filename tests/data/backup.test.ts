import { execFile } from 'node:child_process';
import {
  appendFileSync,
  cpSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { grantAccess } from '@data/access';
import { connect, migrateDatabase } from '@data/db';
import { box, client, clientMeasure, photo, session } from '@data/schema';
import { erasePerson } from '@data/client/eraser';
import { backupsView, makeBackup } from '@server/shop/backups';
import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ownCluster, type OwnCluster } from '../support/cluster';
import { fill, MIGRATIONS } from '../support/database';
import { jpegOf } from '../support/photos';
import { sure } from '../support/sure';

const exec = promisify(execFile);

/** The shop that is there, which a restore wants named. */
const HERE = 'The Heron Room';
let cluster: OwnCluster;
let folder: string;
beforeAll(async () => {
  cluster = await ownCluster();
  folder = mkdtempSync(join(tmpdir(), 'ivory-rail-backup-'));
  const owner = connect(cluster.ownerUrl, 4);
  await fill(owner, 'demo', cluster.appUrl);
  const [garment] = await owner.db
    .execute<{ id: string; shop: string }>(sql`select id, shop_id as shop from garment limit 1`)
    .then(({ rows }) => rows);
  await owner.db.insert(photo).values({
    shopId: sure(garment).shop,
    garmentId: sure(garment).id,
    jpeg: await jpegOf(),
    width: 64,
    height: 64,
  });
  await owner.close();
});
afterAll(async () => {
  await cluster.remove();
  rmSync(folder, { recursive: true, force: true });
});

/** A script of ours on that cluster. */
const run = (script: string, ...args: readonly string[]): Promise<{ stdout: string; stderr: string }> =>
  exec(`bin/${script}`, [...args], {
    env: {
      ...process.env,
      ADMIN_URL: cluster.adminUrl,
      MIGRATE_URL: cluster.ownerUrl,
      DATABASE_URL: cluster.appUrl,
      BACKUP_URL: cluster.backupUrl,
      RESTORE_SAFE: join(folder, 'before'),
    },
  });
const refused = (script: string, ...args: readonly string[]): Promise<string> =>
  run(script, ...args).then(
    () => 'it went through',
    (error: { stderr?: string }) => error.stderr ?? '',
  );

/** Every row of every table, hashed table by table; sessions and links apart, which a restore ends. */
async function fingerprint(): Promise<Record<string, string>> {
  const { db, close } = connect(cluster.adminUrl, 2);
  try {
    const { rows } = await db.execute<{ name: string }>(
      sql`select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE' order by 1`,
    );
    const found: Record<string, string> = {};
    for (const { name } of rows) {
      if (['session', 'brief_link', 'outbox'].includes(name)) continue;
      const { rows: hashed } = await db.execute<{ hash: string }>(
        sql`select coalesce(md5(string_agg(md5(t::text), '' order by md5(t::text))), 'empty') as hash from ${sql.identifier(name)} t`,
      );
      found[name] = hashed[0]?.hash ?? '';
    }
    return found;
  } finally {
    await close();
  }
}

describe('a backup', () => {
  it('is one file that only its owner reads, brought back table by table with its photos; what came after is gone', async () => {
    const before = await fingerprint();
    expect(Object.values(before).filter((hash) => hash !== 'empty').length).toBeGreaterThan(15);
    await run('backup', folder);
    const [file = ''] = readdirSync(folder).filter((name) => name.endsWith('.dump'));
    const path = join(folder, file);
    expect(statSync(path).mode & 0o077).toBe(0);

    const { db, close } = connect(cluster.adminUrl, 2);
    await db.execute(sql`update garment set title = 'spoilt'`);
    await db.delete(photo);
    await close();
    expect(await fingerprint()).not.toEqual(before);

    const { stdout } = await run('restore', '--over', HERE, path);
    expect(stdout).toContain('Stock, holds and money agree.');
    expect(await fingerprint()).toEqual(before);
    // What was there before it is kept as well.
    expect(readdirSync(join(folder, 'before')).some((name) => name.endsWith('.dump'))).toBe(true);
    const after = connect(cluster.adminUrl, 2);
    expect(await after.db.select().from(session)).toEqual([]);
    await after.close();
  });

  it('that was changed, or is none, is refused, and nothing is touched', async () => {
    const before = await fingerprint();
    const [file = ''] = readdirSync(folder).filter((name) => name.endsWith('.dump'));
    const path = join(folder, file);
    appendFileSync(path, 'x');
    expect(await refused('restore', path)).toContain('SHA-256 differs');
    const letter = join(folder, 'letter.txt');
    writeFileSync(letter, 'Dear Ottilie');
    expect(await refused('restore', letter)).toContain('is no backup of Ivory Rail');
    expect(await refused('restore', join(folder, 'none.dump'))).toContain('There is no file');
    expect(await fingerprint()).toEqual(before);
  });

  it('does not replace a shop whose name nobody said', async () => {
    const before = await fingerprint();
    const safe = join(folder, 'unsaid');
    await run('backup', safe);
    const [file = ''] = readdirSync(safe).filter((name) => name.endsWith('.dump'));
    for (const said of [[], ['--over', 'Another Room']])
      expect(await refused('restore', ...said, join(safe, file))).toContain(
        'bin/restore --over "The Heron Room"',
      );
    expect(await fingerprint()).toEqual(before);
  });

  it('is not brought back into an open shop', async () => {
    await run('backup', join(folder, 'open'));
    const [file = ''] = readdirSync(join(folder, 'open')).filter((name) => name.endsWith('.dump'));
    const app = connect(cluster.appUrl, 1);
    await app.db.execute(sql`select 1`);
    expect(await refused('restore', '--over', HERE, join(folder, 'open', file))).toContain(
      'The shop is open',
    );
    await app.close();
  });

  it('keeps the newest', async () => {
    const many = join(folder, 'many');
    for (let i = 0; i < 3; i++) {
      await run('backup', '--keep', '2', many);
      await new Promise((rest) => setTimeout(rest, 1100));
    }
    expect(readdirSync(many).filter((name) => name.endsWith('.dump'))).toHaveLength(2);
  });

  it('made before somebody was erased brings nobody back', async () => {
    const safe = join(folder, 'erased');
    await run('backup', safe);
    const [file = ''] = readdirSync(safe).filter((name) => name.endsWith('.dump'));
    const { db, close } = connect(cluster.adminUrl, 1);
    const [person] = await db.select().from(client).where(eq(client.name, 'Hester Lindqvale'));
    await db.transaction((tx) => erasePerson(tx, sure(person).id, new Date()));
    await close();
    const { stdout } = await run('restore', '--over', HERE, join(safe, file));
    expect(stdout).toContain('1 who were erased after the backup are erased again.');
    expect(stdout).toMatch(/Box \d+ was open when the backup was made/);
    const after = connect(cluster.adminUrl, 1);
    const [left] = await after.db
      .select()
      .from(client)
      .where(eq(client.id, sure(person).id));
    expect([sure(left).name, sure(left).erasedAt !== null]).toEqual(['Erased', true]);
    const measures = await after.db
      .select()
      .from(clientMeasure)
      .where(eq(clientMeasure.clientId, sure(person).id));
    expect(measures).toEqual([]);
    await after.close();
  });

  it('of the release before is brought up to this one', async () => {
    const old = new URL(cluster.ownerUrl);
    old.pathname = '/release_before';
    const admin = connect(cluster.adminUrl, 1);
    await admin.db.execute(sql`create database release_before owner ivory_owner`);
    await admin.close();
    const before = connect(old.toString(), 1);
    await migrateDatabase(before.db, releaseBefore());
    await before.db.execute(sql`
      with s as (
        insert into shop (name, town, currency, zone, tax_bp, style_fee_minor, keep_all_bp, schools)
        values ('Old', 'Town', 'EUR', 'UTC', 0, 0, 0, '{}') returning id),
      u as (
        insert into "user" (id, name, email, email_verified, role, shop_id, created_at, updated_at)
        select 'first', 'First', 'first@x.invalid', true, 'stylist', id, now(), now() from s returning id),
      c as (insert into client (shop_id, name, profile) select id, 'Kept', '{}' from s returning id)
      insert into box (shop_id, client_id, stylist_id, number) select s.id, c.id, u.id, 7 from s, c, u`);
    await grantAccess(before.db, { app: 'ivory_app', backup: 'ivory_backup' });
    await before.close();
    const read = new URL(cluster.backupUrl);
    read.pathname = old.pathname;
    const safe = join(folder, 'release-before');
    await exec('bin/backup', [safe], { env: { ...process.env, BACKUP_URL: read.toString() } });
    const [file = ''] = readdirSync(safe).filter((name) => name.endsWith('.dump'));
    const { stdout } = await run('restore', '--over', HERE, join(safe, file));
    expect(stdout).toContain('Stock, holds and money agree.');
    const after = connect(cluster.appUrl, 1);
    const rows = await after.db.select({ number: box.number, stylistId: box.stylistId }).from(box);
    expect(rows).toEqual([{ number: 7, stylistId: 'first' }]);
    await after.close();
  });
});

describe('the backup of a night', () => {
  it('is written down with its size, and so is one that could not be made, without the address', async () => {
    const { db, close } = connect(cluster.appUrl, 1);
    const nightly = join(folder, 'nightly');
    const plan = { url: cluster.backupUrl, folder: nightly, keep: 2 };
    expect(await makeBackup(db, plan, new Date('2026-11-01T02:00:00Z'))).toBe(true);
    const wrong = cluster.backupUrl.replace(/:[^:@]+@/, ':not-the-secret@');
    expect(await makeBackup(db, { ...plan, url: wrong }, new Date('2026-11-02T02:00:00Z'))).toBe(false);
    const { runs, last, overdue } = await backupsView(db, new Date('2026-11-02T09:00:00Z'));
    expect(runs.map(({ file, fault }) => [file !== undefined, fault !== undefined])).toEqual([
      [false, true],
      [true, false],
    ]);
    expect(JSON.stringify(runs)).not.toContain('not-the-secret');
    expect(sure(last).bytes).toBe(statSync(join(nightly, sure(sure(last).file))).size);
    expect([overdue, (await backupsView(db, new Date('2026-11-04T09:00:00Z'))).overdue]).toEqual([
      false,
      true,
    ]);
    await close();
  });
});

/** The migrations of this project without the newest one, in a folder of their own. */
function releaseBefore(): string {
  const target = join(folder, 'migrations');
  cpSync(MIGRATIONS, target, { recursive: true });
  const path = join(target, 'meta/_journal.json');
  const journal = JSON.parse(readFileSync(path, 'utf8')) as { entries: unknown[] };
  writeFileSync(path, JSON.stringify({ ...journal, entries: journal.entries.slice(0, -1) }));
  return target;
}
