import { randomUUID } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdtemp, open, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PHOTO_MOST_BYTES } from '@contracts/photo';
import { disagreements } from '@data/check';
import { columnsOf, fromJson, type JsonRow, pointersOf, rowSchemaOf } from '@data/archive/rows';
import {
  accountsLike,
  addAccount,
  hasNothing,
  insertPhoto,
  insertRows,
  makeRoom,
  sqlName,
  takeTerms,
} from '@data/archive/store';
import { ARCHIVED, type ArchivedTable, tableNamed } from '@data/archive/tables';
import type { Database, Writer } from '@data/db';
import type { PhotoRow } from '@data/photo/photos';
import type { UserRow } from '@data/people/users';
import { findShop } from '@data/shop/shops';
import { Unzip, UnzipInflate } from 'fflate';
import sharp from 'sharp';
import { z } from 'zod';
import { note } from '../audit';
import type { Actor } from '../context';
import { PHOTO_MOST_PX } from '../photo/read-photo';
import { newToken, tokenHash } from '../private-token';
import { conflict, invalid, Refusal } from '../problem';
import { ARCHIVE_FORMAT } from './take-out';

/** Largest archive taken, bytes packed; and unpacked, so that a small file does not fill the machine. */
const ARCHIVE_MOST_BYTES = 1_000_000_000;
const UNPACKED_MOST_BYTES = 4_000_000_000;
const TABLE_MOST_BYTES = 400_000_000;
const ENTRIES_MOST = 200_000;
const FAULTS_SHOWN = 40;
const ROWS_AT_ONCE = 200;
/** Read in small parts: packed bytes may unpack to a thousand times as many. */
const READ_BYTES = 8192;

const manifestSchema = z.looseObject({ format: z.literal(ARCHIVE_FORMAT), shopId: z.uuid() });
const PHOTO_NAME = /^photos\/([0-9a-f-]{36})\.jpg$/;
const TABLE_NAME = /^tables\/([A-Za-z]+)\.jsonl$/;

export interface BroughtIn {
  readonly rows: number;
  readonly photos: number;
  /** People of the archive who now need a new password. */
  readonly people: number;
}

/**
 * Brings an archive into the actor's own shop, which must be empty. The file is a stranger's: its size, its names, every row,
 * every pointer between rows and every picture is checked before the first is written, and the ledger after the last; it is in
 * whole or not at all. Ids stay, but for the shop's own and for the account of whoever brings it in.
 */
export async function bringIn(
  db: Database,
  actor: Actor,
  body: AsyncIterable<Uint8Array>,
  now: Date,
): Promise<BroughtIn> {
  const folder = await mkdtemp(join(tmpdir(), 'ivory-rail-archive-'));
  try {
    const path = join(folder, 'shop.zip');
    await keep(body, path);
    const { shopId, tables } = await readTables(path);
    const rows = checked(tables, shopId);
    return await db.transaction(async (tx) => {
      await mustBeEmpty(tx, actor);
      const people = await insertAll(tx, actor, rows, shopId);
      const photos = await insertPhotos(tx, actor, path, rows);
      const odd = await disagreements(tx);
      if (odd.length > 0)
        throw invalid(odd.slice(0, FAULTS_SHOWN).map((message) => ({ path: '(archive)', message })));
      const total = [...rows.values()].reduce((sum, each) => sum + each.length, 0);
      await note({ tx, actor, now }, 'bring in', 'shop', actor.shopId, { rows: total, photos });
      return { rows: total, photos, people };
    });
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

async function keep(body: AsyncIterable<Uint8Array>, path: string): Promise<void> {
  const file = await open(path, 'wx', 0o600);
  let size = 0;
  try {
    for await (const chunk of body) {
      size += chunk.byteLength;
      if (size > ARCHIVE_MOST_BYTES)
        throw new Refusal(413, `That is too large: up to ${ARCHIVE_MOST_BYTES / 1e9} GB can be brought in.`);
      await file.write(chunk);
    }
  } finally {
    await file.close();
  }
  if (size === 0) throw invalid([{ path: '(file)', message: 'the file is empty' }]);
}

/** Goes through the files of an archive, giving each that is wanted whole; what is too large is refused on the way. */
async function eachFile(
  path: string,
  mostOf: (name: string) => number | undefined,
  take: (name: string, bytes: Buffer) => void | Promise<void>,
): Promise<void> {
  let fault: Error | undefined;
  let [unpacked, entries] = [0, 0];
  const whole: { name: string; bytes: Buffer }[] = [];
  const unzip = new Unzip((file) => {
    if (++entries > ENTRIES_MOST) fault ??= invalid([{ path: '(file)', message: 'too many files in it' }]);
    const most = mostOf(file.name);
    if (most === undefined || fault) return;
    const chunks: Uint8Array[] = [];
    let size = 0;
    file.ondata = (error, chunk, final) => {
      if (error) fault ??= error;
      if (fault) return;
      size += chunk.byteLength;
      unpacked += chunk.byteLength;
      if (size > most || unpacked > UNPACKED_MOST_BYTES) {
        fault = invalid([{ path: file.name, message: 'larger than anything this app writes' }]);
        file.terminate();
        return;
      }
      chunks.push(chunk);
      if (final) whole.push({ name: file.name, bytes: Buffer.concat(chunks) });
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  const stream = createReadStream(path, { highWaterMark: READ_BYTES });
  try {
    for await (const chunk of stream as AsyncIterable<Buffer>) {
      unzip.push(chunk);
      if (fault) throw fault;
      for (const { name, bytes } of whole.splice(0)) await take(name, bytes);
    }
    unzip.push(new Uint8Array(0), true);
  } catch (error) {
    throw error instanceof Refusal
      ? error
      : invalid([{ path: '(file)', message: 'not a ZIP that can be read' }]);
  }
  if (fault) throw fault;
  for (const { name, bytes } of whole.splice(0)) await take(name, bytes);
  if (entries === 0) throw invalid([{ path: '(file)', message: 'not a ZIP that can be read' }]);
}

async function readTables(path: string): Promise<{ shopId: string; tables: Map<string, string> }> {
  const tables = new Map<string, string>();
  let manifest: unknown;
  await eachFile(
    path,
    (name) => (name === 'manifest.json' || TABLE_NAME.test(name) ? TABLE_MOST_BYTES : undefined),
    (name, bytes) => {
      if (name === 'manifest.json') manifest = jsonOf(bytes.toString('utf8'));
      else tables.set(TABLE_NAME.exec(name)?.[1] ?? '', bytes.toString('utf8'));
    },
  );
  const read = manifestSchema.safeParse(manifest);
  if (!read.success)
    throw invalid([
      {
        path: 'manifest.json',
        message: `not an archive of this app: its format should be ${ARCHIVE_FORMAT}`,
      },
    ]);
  return { shopId: read.data.shopId, tables };
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** Rows by the name of their table. */
type Rows = ReadonlyMap<string, readonly JsonRow[]>;

/** Every row by its schema, and every pointer to a row that is in the archive too. */
function checked(tables: ReadonlyMap<string, string>, shopId: string): Rows {
  const faults: { path: string; message: string }[] = [];
  const rows = new Map<string, JsonRow[]>();
  const say = (path: string, message: string): void => void faults.push({ path, message });
  for (const archived of ARCHIVED) {
    const own: JsonRow[] = [];
    const schema = rowSchemaOf(archived);
    const lines = (tables.get(archived.name) ?? '').split('\n');
    for (const [i, line] of lines.entries()) {
      if (line.trim() === '' || faults.length >= FAULTS_SHOWN) continue;
      const value = jsonOf(line);
      const found = schema.safeParse(value);
      // As it is written: a schema that fills in what is absent would change it.
      if (found.success) own.push(value as JsonRow);
      else
        for (const { path, message } of found.error.issues)
          say(`tables/${archived.name}.jsonl:${i + 1} ${path.join('.')}`.trim(), message);
    }
    if (!tables.has(archived.name)) say(`tables/${archived.name}.jsonl`, 'missing');
    rows.set(archived.name, own);
  }
  if (faults.length === 0) pointers(rows, shopId, say);
  if (faults.length > 0) throw invalid(faults.slice(0, FAULTS_SHOWN));
  return rows;
}

function pointers(rows: Rows, shopId: string, say: (path: string, message: string) => void): void {
  const tableName = new Map(ARCHIVED.map((archived) => [sqlName(archived), archived]));
  const keys = new Map(
    ARCHIVED.map((archived) => [archived, new Set((rows.get(archived.name) ?? []).map((row) => row.id))]),
  );
  const shops = rows.get('shop') ?? [];
  if (shops.length !== 1 || shops[0]?.id !== shopId)
    say('tables/shop.jsonl', 'one shop is wanted, the manifest’s');
  for (const archived of ARCHIVED)
    for (const { column, to } of pointersOf(archived)) {
      const target = tableName.get(to);
      const there = target && keys.get(target);
      for (const [i, row] of (rows.get(archived.name) ?? []).entries())
        if (row[column] !== null && row[column] !== undefined && !there?.has(row[column]))
          say(`tables/${archived.name}.jsonl:${i + 1} ${column}`, 'points to nothing in this archive');
    }
  // A box, a size, a client of another shop than this one would be somebody else's.
  for (const archived of ARCHIVED)
    if (columnsOf(archived).some(([name]) => name === 'shopId'))
      for (const [i, row] of (rows.get(archived.name) ?? []).entries())
        if (row.shopId !== shopId) say(`tables/${archived.name}.jsonl:${i + 1} shopId`, 'of another shop');
}

/** An archive comes into a shop that has nothing yet: two are never mixed. */
async function mustBeEmpty(tx: Writer, actor: Actor): Promise<void> {
  await findShop(tx, actor.shopId, true);
  if (!(await hasNothing(tx, actor.shopId)))
    throw conflict(
      'This shop has garments, clients or boxes already. An archive comes into an empty shop only.',
    );
}

/** Columns that name somebody with an account. */
const PERSON_COLUMNS = new Set(['actorId', 'stylistId', 'fromId', 'toId', 'settledBy']);

async function insertAll(tx: Writer, actor: Actor, rows: Rows, oldShop: string): Promise<number> {
  const people = await bringPeople(tx, actor, rows);
  const mapped = (archived: ArchivedTable, row: JsonRow): Record<string, unknown> => {
    const values = fromJson(archived, row);
    for (const [name, value] of Object.entries(values)) {
      if (PERSON_COLUMNS.has(name) && typeof value === 'string')
        values[name] = people.ids.get(value) ?? value;
      if (name === 'shopId' || (name === 'entityId' && value === oldShop)) values[name] = actor.shopId;
    }
    // Its secret stayed behind: what was written stays, the link opens nothing.
    if (archived.name === 'briefLink')
      Object.assign(values, {
        tokenHash: tokenHash(newToken()),
        revokedAt: values.revokedAt ?? (values.sentAt ? null : new Date()),
      });
    return values;
  };
  await makeRoom(tx, actor.shopId);
  for (const archived of ARCHIVED) {
    if (archived.name === 'user' || archived.name === 'photo') continue;
    const own = (rows.get(archived.name) ?? []).map((row) => mapped(archived, row));
    if (archived.name === 'shop') {
      const { id: _id, ...terms } = own[0] ?? {};
      await takeTerms(tx, actor.shopId, terms);
      continue;
    }
    for (let i = 0; i < own.length; i += ROWS_AT_ONCE)
      await insertRows(tx, archived, own.slice(i, i + ROWS_AT_ONCE));
  }
  return people.added;
}

/** Accounts of the archive, without a password: whoever has one here already, by address, stays who they are. */
async function bringPeople(tx: Writer, actor: Actor, rows: Rows) {
  const own = (rows.get('user') ?? []).map((row) => fromJson(tableNamed('user'), row));
  const emails = own.map(({ email }) => String(email).toLowerCase());
  const known = await accountsLike(
    tx,
    emails,
    own.map(({ id }) => String(id)),
  );
  const ids = new Map<string, string>();
  let added = 0;
  for (const row of own) {
    const email = String(row.email).toLowerCase();
    const same = known.find((each) => each.email === email);
    if (same && same.shopId !== actor.shopId)
      throw conflict(`${email} has an account at another shop here; the archive cannot come in.`);
    if (same) {
      ids.set(String(row.id), same.id);
      continue;
    }
    const id = known.some((each) => each.id === row.id) ? randomUUID() : String(row.id);
    ids.set(String(row.id), id);
    await addAccount(tx, { ...(row as UserRow), id, email, shopId: actor.shopId }, randomUUID(), new Date());
    added++;
  }
  return { ids, added };
}

/** Pictures as they are, when they are pictures this app would have kept. */
async function insertPhotos(tx: Writer, actor: Actor, path: string, rows: Rows): Promise<number> {
  const wanted = new Map(
    (rows.get('photo') ?? []).map((row) => [String(row.id), fromJson(tableNamed('photo'), row)]),
  );
  let brought = 0;
  await eachFile(
    path,
    (name) => (PHOTO_NAME.test(name) ? PHOTO_MOST_BYTES : undefined),
    async (name, jpeg) => {
      const id = PHOTO_NAME.exec(name)?.[1] ?? '';
      const row = wanted.get(id);
      if (!row) throw invalid([{ path: name, message: 'no row of tables/photo.jsonl is of it' }]);
      const found = await sharp(jpeg, { failOn: 'error' })
        .stats()
        .then(() => sharp(jpeg).metadata())
        .catch(() => undefined);
      const { format, width = 0, height = 0 } = found ?? {};
      if (format !== 'jpeg' || Math.max(width, height) > PHOTO_MOST_PX)
        throw invalid([{ path: name, message: `not a JPEG of at most ${PHOTO_MOST_PX} px` }]);
      await insertPhoto(tx, {
        ...(row as PhotoRow),
        shopId: actor.shopId,
        jpeg,
        width,
        height,
      });
      wanted.delete(id);
      brought++;
    },
  );
  const [lost] = wanted.keys();
  if (lost) throw invalid([{ path: `photos/${lost}.jpg`, message: 'missing' }]);
  return brought;
}
