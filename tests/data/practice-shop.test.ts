import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { PracticeShopView } from '@contracts/shop/practice-shop';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshDatabase, SECRET, type TestDatabase } from '../support/database';
import { type Caller, callerOf, freePort, signInCookie, startServer } from '../support/server';
import { sure } from '../support/sure';
import { until } from '../support/until';

const ownerOf = (url: string): string => {
  const owner = new URL(sure(process.env.TEST_OWNER_URL));
  owner.pathname = new URL(url).pathname;
  return owner.toString();
};

/** A whole shop is made up, on a machine that may be busy besides, ms. */
const PATIENT = 200_000;

describe('a practice shop beside the real one', () => {
  let base: TestDatabase;
  let stop: () => Promise<void>;
  let owner: Caller;
  let folder: string;
  const wish = async (word: 'ask' | 'open' | 'drop', by = owner): Promise<PracticeShopView> =>
    (await by.call('practice-shop', { wish: word })).answer;
  const stands = (state: PracticeShopView['state']) =>
    until(`the practice shop is ${state}`, async () => (await wish('ask')).state === state, PATIENT);
  const databases = async (): Promise<number> => {
    const like = `${new URL(base.url).pathname.slice(1)}_practice`;
    return (await base.db.execute(sql`select 1 from pg_database where datname = ${like}`)).rows.length;
  };

  beforeAll(async () => {
    base = await freshDatabase();
    folder = mkdtempSync(join(tmpdir(), 'ivory-rail-practice-'));
    const port = await freePort();
    const origin = `http://127.0.0.1:${port}`;
    const keeper = spawn('node', ['bin/keep.mjs', folder], {
      env: {
        ...process.env,
        DATABASE_URL: base.url,
        MIGRATE_URL: ownerOf(base.url),
        AUTH_SECRET: SECRET,
        HOST: '127.0.0.1',
        PORT: String(port),
        NODE_ENV: 'production',
      },
      stdio: 'ignore',
    });
    stop = () =>
      new Promise((done) => {
        keeper.once('exit', () => done());
        keeper.kill('SIGTERM');
      });
    await until('a server', () =>
      fetch(`${origin}/health`).then(
        ({ ok }) => ok,
        () => false,
      ),
    );
    owner = await callerOf(origin, 'owner');
  });
  afterAll(async () => {
    await stop();
    await base.db.execute(
      sql.raw(`drop database if exists "${new URL(base.url).pathname.slice(1)}_practice" with (force)`),
    );
    await base.close();
    rmSync(folder, { recursive: true });
  });

  it('is opened by the owner alone, with a database of its own, twice asked made once', async () => {
    const stylist = await callerOf(owner.origin, 'stylist');
    expect((await stylist.call('practice-shop', { wish: 'open' })).status).toBe(403);
    expect((await wish('ask')).state).toBe('closed');
    await Promise.all([wish('open'), wish('open')]);
    await stands('open');
    expect(await databases()).toBe(1);
  });

  it('changes nothing in the real one, says what it is, and leaves whoever is signed in here signed in', async () => {
    const { origin, people } = await wish('ask');
    const there = sure(origin);
    expect(new URL(there).hostname).toBe('127.0.0.1');
    const door = await fetch(`${there}/sign-in`).then((answer) => answer.text());
    expect(door).toContain('Practice shop');
    const { email, password } = sure(people.find(({ role }) => role === 'owner'));
    const cookie = await signInCookie(there, email, password);
    // A browser sends both, whatever the port.
    const names = (text: string): string[] => text.split('; ').map((each) => sure(each.split('=')[0]));
    expect(names(cookie).filter((name) => names(owner.cookie).includes(name))).toEqual([]);
    const both = `${owner.cookie}; ${cookie}`;
    const inPractice: Caller = await callerOf(there, 'owner');
    const { status } = await inPractice.call('save-location', { title: 'Only to try', kind: 'shop floor' });
    expect(status).toBe(200);
    expect((await base.db.execute(sql`select 1 from location where title = 'Only to try'`)).rows).toEqual([]);
    const real = await fetch(`${owner.origin}/shop`, { headers: { cookie: both }, redirect: 'manual' });
    expect([real.status, (await real.text()).includes('Only to try')]).toEqual([200, false]);
    expect((await inPractice.call('practice-shop', { wish: 'open' })).answer.state).toBe('isPractice');
  });

  it('its server has no key to make or to drop a database, and no log tells one', async () => {
    const logs = ['server.log', 'practice.log']
      .map((name) => readFileSync(join(folder, name), 'utf8'))
      .join('');
    expect(logs).not.toContain(new URL(sure(process.env.TEST_OWNER_URL)).password);
    expect(logs).not.toContain(new URL(base.url).password);
  });

  it('is dropped with all that is in it', async () => {
    await wish('drop');
    await stands('closed');
    expect((await wish('ask')).fault).toBeUndefined();
    expect(await databases()).toBe(0);
  });

  it('says that it cannot where nobody keeps the server running', async () => {
    const alone = await startServer(base.url);
    const { state } = await wish('open', await callerOf(alone.origin, 'owner'));
    await alone.stop();
    expect(state).toBe('away');
    expect(await databases()).toBe(0);
  });
});
