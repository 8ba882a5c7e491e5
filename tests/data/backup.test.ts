import { execFile } from 'node:child_process';
import { appendFileSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { connect } from '@data/db';
import { photo, session } from '@data/schema';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ownCluster, type OwnCluster } from '../support/cluster';
import { fill } from '../support/database';
import { jpegOf } from '../support/photos';

const exec = promisify(execFile);

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
    shopId: garment!.shop,
    garmentId: garment!.id,
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
      if (name === 'session' || name === 'brief_link') continue;
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

    const { stdout } = await run('restore', path);
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

  it('is not brought back into an open shop', async () => {
    await run('backup', join(folder, 'open'));
    const [file = ''] = readdirSync(join(folder, 'open')).filter((name) => name.endsWith('.dump'));
    const app = connect(cluster.appUrl, 1);
    await app.db.execute(sql`select 1`);
    expect(await refused('restore', join(folder, 'open', file))).toContain('The shop is open');
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
});
