import { createHash } from 'node:crypto';
import { PHOTO_MOST_BYTES } from '@contracts/photo';
import type { Database } from '@data/db';
import * as schema from '@data/schema';
import { ARCHIVED, LEFT_OUT } from '@data/archive/tables';
import { getTableName, is, sql } from 'drizzle-orm';
import { PgTable } from 'drizzle-orm/pg-core';
import { strFromU8, strToU8, unzipSync, type Zippable, zipSync } from 'fflate';
import ICAL from 'ical.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readStockCsv } from '@contracts/stock-csv';
import { disagreements } from '@data/check';
import { createUser, signInOf } from '@server/sign-in';
import { freshDatabase, SECRET, type TestDatabase } from '../support/database';
import { openShop } from '../support/open-shop';
import { jpegOf } from '../support/photos';
import {
  type Caller,
  callerOf,
  callerWith,
  signInCookie,
  startServer,
  type TestServer,
} from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
const PASSWORD = 'walnut lantern seven tides';
const NEW_OWNER = 'keeper@newshop.invalid';
let owner: Caller;
let other: { base: TestDatabase; server: TestServer; owner: Caller };
let files: Readonly<Record<string, Uint8Array>>;

const takeOut = (caller: Caller, password: string) =>
  fetch(`${caller.origin}/shop/archive`, {
    method: 'POST',
    headers: {
      cookie: caller.cookie,
      origin: caller.origin,
      'content-type': 'application/x-www-form-urlencoded',
    },
    body: new URLSearchParams({ password }),
  });
const bringIn = async (caller: Caller, zip: Uint8Array) => {
  const answer = await fetch(`${caller.origin}/shop/archive`, {
    method: 'PUT',
    headers: { cookie: caller.cookie, origin: caller.origin, 'content-type': 'application/zip' },
    body: Buffer.from(zip),
  });
  return {
    status: answer.status,
    body: (await answer.json()) as { title?: string; faults?: { path: string; message: string }[] } & Record<
      string,
      unknown
    >,
  };
};

/** An empty shop of its own with one owner, and a server on it. */
async function newShop(email: string) {
  const base = await freshDatabase('empty');
  const [made] = await base.db
    .insert(schema.shop)
    .values({
      name: 'New',
      town: 'Elsewhere',
      currency: 'EUR',
      zone: 'UTC',
      taxBp: 0,
      styleFeeMinor: 0,
      keepAllBp: 0,
      schools: sure((await shop.db.select().from(schema.shop))[0]).schools,
    })
    .returning();
  await base.db
    .insert(schema.location)
    .values({ shopId: sure(made).id, title: 'Shop floor', kind: 'shop floor' });
  await createUser(base.db, signInOf(base.db, SECRET, 'http://127.0.0.1'), {
    shopId: sure(made).id,
    name: 'Keeper',
    email,
    password: PASSWORD,
    role: 'owner',
  });
  const server = await startServer(base.url);
  const caller = callerWith(server.origin, await signInCookie(server.origin, email, PASSWORD));
  return { base, server, owner: caller };
}

beforeAll(async () => {
  owner = await callerOf(shop.origin, 'owner');
  const [garment] = await shop.db.select().from(schema.garment).limit(1);
  const dataBase64 = (await jpegOf()).toString('base64');
  expect(
    (await shop.stylist.call('save-photo', { of: 'garment', id: sure(garment).id, dataBase64 })).status,
  ).toBe(200);
  const [person] = await shop.db.select().from(schema.client).limit(1);
  await shop.stylist.call('make-brief-link', { clientId: sure(person).id });
  await shop.stylist.call('save-consent', {
    clientId: sure(person).id,
    about: 'photos',
    way: 'in person',
    givenOn: '2026-01-02',
  });
  const answer = await takeOut(owner, 'heron-owner-demo');
  expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/zip']);
  files = unzipSync(new Uint8Array(await answer.arrayBuffer()));
  other = await newShop(NEW_OWNER);
});
afterAll(async () => {
  await other.server.stop();
  await other.base.close();
});

const linesOf = (name: string): Record<string, unknown>[] =>
  strFromU8(sure(files[`tables/${name}.jsonl`]))
    .split('\n')
    .filter(Boolean)
    .map((line) => JSON.parse(line) as Record<string, unknown>);
const zipped = (changes: Zippable): Uint8Array => zipSync({ ...files, ...changes });
const withRow = (name: string, change: (rows: Record<string, unknown>[]) => void): Zippable => {
  const rows = linesOf(name);
  change(rows);
  return { [`tables/${name}.jsonl`]: strToU8(rows.map((row) => JSON.stringify(row)).join('\n')) };
};

describe('a whole shop taken out', () => {
  it('knows of every table whether it is in it', () => {
    const all = Object.values(schema).filter((each) => is(each, PgTable));
    const known = [...ARCHIVED.map(({ table }) => table), ...LEFT_OUT];
    expect(known.map(getTableName).sort()).toEqual(all.map(getTableName).sort());
  });
  it('is asked for with the password again, by an owner alone', async () => {
    expect((await takeOut(owner, 'not-the-password')).status).toBe(422);
    expect((await takeOut(shop.stylist, 'heron-stylist-demo')).status).toBe(403);
  });
  it('holds no password, session, token or sealed link', async () => {
    const text = Object.entries(files)
      .filter(([name]) => !name.startsWith('photos/'))
      .map(([, bytes]) => strFromU8(bytes))
      .join('\n');
    const secrets = [
      ...(await shop.db.select({ it: schema.account.password }).from(schema.account)),
      ...(await shop.db.select({ it: schema.session.token }).from(schema.session)),
      ...(await shop.db.select({ it: schema.briefLink.tokenHash }).from(schema.briefLink)),
    ];
    expect(secrets.length).toBeGreaterThan(4);
    for (const { it: secret } of secrets) expect(secret && text.includes(secret)).toBe(false);
  });
  it('says of each table its rows and hash, with a schema; stock and calendar read back', () => {
    const manifest = JSON.parse(strFromU8(sure(files['manifest.json']))) as {
      format: string;
      tables: Record<string, { rows: number; sha256: string }>;
    };
    expect(manifest.format).toBe('ivory-rail/shop@1');
    for (const { name } of ARCHIVED) {
      const bytes = sure(files[`tables/${name}.jsonl`]);
      expect(manifest.tables[name], name).toEqual({
        rows: linesOf(name).length,
        sha256: createHash('sha256').update(bytes).digest('hex'),
      });
      expect(JSON.parse(strFromU8(sure(files[`schema/${name}.json`])))).toMatchObject({ type: 'object' });
    }
    const stock = readStockCsv(strFromU8(sure(files['stock.csv'])), 'EUR');
    expect([stock.faults, stock.rows.length]).toEqual([[], linesOf('variant').length]);
    // RFC 5545, read by another project's parser.
    const events = new ICAL.Component(ICAL.parse(strFromU8(sure(files['occasions.ics']))) as never)
      .getAllSubcomponents('vevent')
      .map((event) => new ICAL.Event(event));
    const days = linesOf('occasion').flatMap(({ day }) => (day ? [day as string] : []));
    expect(events.map(({ startDate }) => startDate.toString()).sort()).toEqual(days.sort());
    expect(events.every(({ startDate }) => startDate.isDate)).toBe(true);
  });
});

describe('an archive that is not what this app writes', () => {
  it.each<[string, () => Uint8Array, string | RegExp]>([
    ['no ZIP', () => strToU8('Dear Ottilie'), '(file)'],
    ['another format', () => zipped({ 'manifest.json': strToU8('{"format":"else@1"}') }), 'manifest.json'],
    [
      'a column nobody knows',
      () => zipped(withRow('client', ([row]) => (sure(row).role = 'owner'))),
      /client\.jsonl:1/,
    ],
    [
      'a price that is text',
      () => zipped(withRow('garment', ([row]) => (sure(row).priceMinor = '1'))),
      /garment\.jsonl:1 priceMinor/,
    ],
    [
      'a profile that is none',
      () => zipped(withRow('client', ([row]) => (sure(row).profile = []))),
      /client\.jsonl:1 profile/,
    ],
    ['a line of a box that is not there', () => zipped(withRow('box', (rows) => rows.pop())), /boxId/],
    [
      'a row of another shop',
      () => zipped(withRow('garment', ([row]) => (sure(row).shopId = crypto.randomUUID()))),
      /shopId/,
    ],
    ['a photo that is none', () => zipped({ [photoName()]: strToU8('<svg/>') }), /photos\//],
    [
      'a photo that is missing',
      () =>
        zipSync(Object.fromEntries(Object.entries(files).filter(([name]) => !name.startsWith('photos/')))),
      /photos\//,
    ],
    [
      'stock that does not add up',
      () => zipped(withRow('stockBalance', ([row]) => (sure(row).qty = 999))),
      '(archive)',
    ],
  ])('is refused for %s, and nothing is there afterwards', async (_what, zip, path) => {
    const said = await bringIn(other.owner, zip());
    expect(said.status).toBe(422);
    expect(sure(sure(said.body.faults)[0]).path).toMatch(
      path instanceof RegExp ? path : new RegExp(path.replace(/[()]/g, '\\$&')),
    );
    expect(await other.base.db.select().from(schema.client)).toEqual([]);
    expect((await other.base.db.select().from(schema.location)).map(({ title }) => title)).toEqual([
      'Shop floor',
    ]);
  });
  it('is not unpacked beyond what it may hold', async () => {
    const said = await bringIn(other.owner, zipped({ [photoName()]: new Uint8Array(PHOTO_MOST_BYTES + 1) }));
    expect([said.status, sure(sure(said.body.faults)[0]).path]).toEqual([422, photoName()]);
  });
  it('is no business of a stylist’s, nor of a shop with somebody in it', async () => {
    expect((await bringIn(shop.stylist, zipped({}))).status).toBe(403);
    expect((await bringIn(owner, zipped({}))).status).toBe(409);
  });
});

const photoName = (): string => sure(Object.keys(files).find((name) => name.startsWith('photos/')));

/** Every row of every table of an archive, as the database writes it, without what a new shop has of its own. */
async function rowsOf(db: Database): Promise<Record<string, string[]>> {
  const [own] = await db.select().from(schema.shop);
  const found: Record<string, string[]> = {};
  for (const { table } of ARCHIVED) {
    const name = getTableName(table);
    const { rows } = await db.execute<{ row: Record<string, unknown> }>(
      sql`select to_jsonb(t) - 'no' - 'token_hash' - 'revoked_at' as row from ${sql.identifier(name)} t`,
    );
    found[name] = rows
      .map(({ row }) => JSON.stringify(row).replaceAll(sure(own).id, 'this shop'))
      .filter((row) => !row.includes(NEW_OWNER) && !row.includes('"bring in"') && !row.includes('"take out"'))
      .sort();
  }
  return found;
}

it('brought into an empty shop nothing is lost, the ledger agrees, and everybody else chooses a new password', async () => {
  const said = await bringIn(other.owner, zipped({}));
  expect(said).toMatchObject({ status: 200, body: { photos: 1, people: 3 } });
  const [before, after] = [await rowsOf(shop.db), await rowsOf(other.base.db)];
  // Signing in to the first shop was written down there after it was taken out.
  const taken = new Set(linesOf('audit').map(({ id }) => id));
  before.audit = sure(before.audit).filter((row) => taken.has((JSON.parse(row) as { id: string }).id));
  after.audit = sure(after.audit).filter((row) => taken.has((JSON.parse(row) as { id: string }).id));
  for (const [name, rows] of Object.entries(before)) expect(after[name], name).toEqual(rows);
  expect(sure(before.photo)[0]).toContain('jpeg');
  expect(await disagreements(other.base.db)).toEqual([]);

  await expect(
    signInCookie(other.server.origin, 'stylist@heronroom.invalid', 'heron-stylist-demo'),
  ).rejects.toThrow();
  const [stylist] = await other.base.db
    .select()
    .from(schema.user)
    .where(sql`email = 'stylist@heronroom.invalid'`);
  const { path } = (await other.owner.call('make-reset-link', { userId: sure(stylist).id })).answer;
  const joined = await fetch(other.server.origin + path, {
    method: 'POST',
    redirect: 'manual',
    headers: { origin: other.server.origin, 'content-type': 'application/x-www-form-urlencoded' },
    body: new URLSearchParams({ password: 'copper heron nineteen boats' }),
  });
  expect(joined.status).toBe(303);
  const [box] = await other.base.db
    .select()
    .from(schema.box)
    .where(sql`state = 'combining'`);
  const page = await fetch(`${other.server.origin}/box/${sure(box).id}/combine`, {
    headers: { cookie: other.owner.cookie },
  });
  expect(page.status).toBe(200);
  // Once in, it does not come in again.
  expect((await bringIn(other.owner, zipped({}))).status).toBe(409);
});
