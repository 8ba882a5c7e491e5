import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { mkdtemp, open, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { type JsonRow, rowSchemaOf } from '@data/archive/rows';
import { archivedRows } from '@data/archive/store';
import { ARCHIVED, type ArchivedTable } from '@data/archive/tables';
import { datedOccasions } from '@data/client/occasions';
import type { Database, Writer } from '@data/db';
import { findPhoto, photoIdsOf } from '@data/photo/photos';
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { z } from 'zod';
import { addWholeDay, openCalendar } from '../calendar';
import type { Actor } from '../context';
import { dayIn, shopOf } from '../shop/settings';
import { stockText } from '../stock/many';

export const ARCHIVE_FORMAT = 'ivory-rail/shop@1';
const ROWS_AT_ONCE = 2000;

/** What a file of the archive is made of, read as it is written. */
interface Entry {
  readonly name: string;
  readonly chunks: AsyncIterable<Uint8Array>;
  /** Packed already: a JPEG grows when it is packed again. */
  readonly packed?: boolean;
}

/** A whole shop as one ZIP, in a file of its own that goes when it was read. */
export interface Archive {
  readonly fileName: string;
  readonly bytes: number;
  readonly stream: ReadableStream<Uint8Array>;
}

/**
 * Takes a shop out: one row per line in `tables/NAME.jsonl`, photos as JPEG, stock as CSV, occasions as iCalendar, with the schema
 * of each table and a manifest. Everything is of one moment. No password, session or link is in it. Written to a file first:
 * whoever downloads slowly keeps no transaction open.
 */
export async function takeOut(db: Database, actor: Actor, now: Date): Promise<Archive> {
  const folder = await mkdtemp(join(tmpdir(), 'ivory-rail-archive-'));
  const path = join(folder, 'shop.zip');
  try {
    const shop = await shopOf(db, actor.shopId);
    await db.transaction(
      async (tx) => {
        const file = await open(path, 'wx', 0o600);
        try {
          for await (const chunk of zipOf(entriesOf(tx, actor, now))) await file.write(chunk);
        } finally {
          await file.close();
        }
      },
      { isolationLevel: 'repeatable read', accessMode: 'read only' },
    );
    const stream = createReadStream(path);
    const { size } = await stat(path);
    stream.once('close', () => void rm(folder, { recursive: true, force: true }));
    return {
      fileName: `${fileWord(shop.name)}-${dayIn(shop.zone, now)}.zip`,
      bytes: size,
      stream: Readable.toWeb(stream) as ReadableStream<Uint8Array>,
    };
  } catch (error) {
    await rm(folder, { recursive: true, force: true });
    throw error;
  }
}

const fileWord = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 40) || 'shop';

async function* zipOf(entries: AsyncIterable<Entry>): AsyncGenerator<Uint8Array> {
  const ready: Uint8Array[] = [];
  let fault: Error | null = null;
  const zip = new Zip((error, chunk) => {
    fault ??= error;
    ready.push(chunk);
  });
  function* taken(): Generator<Uint8Array> {
    if (fault) throw fault;
    yield* ready.splice(0);
  }
  for await (const { name, chunks, packed } of entries) {
    const file = packed ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 });
    zip.add(file);
    for await (const chunk of chunks) {
      file.push(chunk);
      yield* taken();
    }
    file.push(new Uint8Array(0), true);
    yield* taken();
  }
  zip.end();
  yield* taken();
}

const once = async function* (text: string): AsyncGenerator<Uint8Array> {
  yield Buffer.from(text, 'utf8');
};

async function* entriesOf(tx: Writer, actor: Actor, now: Date): AsyncGenerator<Entry> {
  const tables: Record<string, { rows: number; sha256: string }> = {};
  yield { name: 'README.txt', chunks: once(README) };
  for (const archived of ARCHIVED) {
    yield {
      name: `schema/${archived.name}.json`,
      chunks: once(
        `${JSON.stringify(z.toJSONSchema(rowSchemaOf(archived), { unrepresentable: 'any', io: 'input' }), null, 2)}\n`,
      ),
    };
    const hash = createHash('sha256');
    const found = { rows: 0, sha256: '' };
    yield { name: `tables/${archived.name}.jsonl`, chunks: linesOf(tx, archived, actor.shopId, found, hash) };
    tables[archived.name] = { ...found, sha256: hash.digest('hex') };
  }
  yield* photosOf(tx, actor.shopId);
  yield { name: 'stock.csv', chunks: once(await stockText(tx, actor.shopId, 'csv')) };
  yield { name: 'occasions.ics', chunks: once(await calendarOf(tx, actor.shopId, now)) };
  yield {
    name: 'manifest.json',
    chunks: once(
      `${JSON.stringify({ format: ARCHIVE_FORMAT, madeAt: now.toISOString(), shopId: actor.shopId, tables }, null, 2)}\n`,
    ),
  };
}

async function* linesOf(
  tx: Writer,
  archived: ArchivedTable,
  shopId: string,
  found: { rows: number },
  hash: ReturnType<typeof createHash>,
): AsyncGenerator<Uint8Array> {
  for (;;) {
    const rows: JsonRow[] = await archivedRows(tx, archived, shopId, {
      offset: found.rows,
      limit: ROWS_AT_ONCE,
    });
    if (rows.length === 0) return;
    found.rows += rows.length;
    const bytes = Buffer.from(rows.map((row) => `${JSON.stringify(row)}\n`).join(''), 'utf8');
    hash.update(bytes);
    yield bytes;
    if (rows.length < ROWS_AT_ONCE) return;
  }
}

async function* photosOf(tx: Writer, shopId: string): AsyncGenerator<Entry> {
  for (const id of await photoIdsOf(tx, shopId)) {
    const row = await findPhoto(tx, shopId, id);
    if (row)
      yield {
        name: `photos/${id}.jpg`,
        packed: true,
        chunks: (async function* () {
          yield row.jpeg;
        })(),
      };
  }
}

/** Occasions with a day as whole-day events (RFC 5545), for any calendar. */
async function calendarOf(tx: Writer, shopId: string, now: Date): Promise<string> {
  const rows = await datedOccasions(tx, shopId);
  const calendar = openCalendar('Occasions', 'Occasions');
  for (const { id, title, day, name, details } of rows)
    if (day !== null)
      addWholeDay(calendar, day, {
        id: `${id}@ivory-rail`,
        stamp: now,
        summary: `${name}: ${title}`,
        location: details.place ?? null,
      });
  return calendar.toString();
}

const README = `A whole shop, taken out of Ivory Rail.

manifest.json    format, moment, and of each table its rows and the SHA-256 of its file
tables/*.jsonl   one table each, UTF-8, one row a line, a JSON object: ids are UUIDs, instants ISO 8601 in UTC,
                 days YYYY-MM-DD, lengths mm, money minor units of the shop's currency
schema/*.json    the JSON Schema of a row of each
photos/ID.jpg    the picture of the row ID in tables/photo.jsonl
stock.csv        the stock as the Stockroom imports it (RFC 4180)
occasions.ics    occasions with a day, for any calendar (RFC 5545)

Not in it: passwords, sessions, private links. Open an empty shop and bring this file in on its page Shop; everybody but you
is then given a link to choose a new password.
It holds people's measures and photos: keep it as you would keep them.
`;
