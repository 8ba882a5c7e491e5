import { ENDED } from '@core/box';
import { altered } from '@core/fit';
import type { Piece } from '@core/piece';
import type { Reader } from '@data/db';
import { pieceOfGarment } from '@data/pieces';
import { alteration, box, boxLine, garment, hold, location, variant } from '@data/schema';
import { and, asc, eq, inArray, isNull, notInArray } from 'drizzle-orm';
import { isId, notFound } from '../problem';

export type BoxRecord = typeof box.$inferSelect;
export type LineRecord = Awaited<ReturnType<typeof linesOf>>[number];

/** The box of this shop, locked for the rest of the transaction when `lock` is set. */
export async function boxOf(db: Reader, shopId: string, id: string, lock = false): Promise<BoxRecord> {
  if (!isId(id)) throw notFound('That box');
  const query = db
    .select()
    .from(box)
    .where(and(eq(box.id, id), eq(box.shopId, shopId)));
  const [row] = await (lock ? query.for('update') : query);
  if (!row) throw notFound('That box');
  return row;
}

/** Numbers of a client's boxes that are neither closed nor given up. */
export async function openBoxNumbers(db: Reader, clientId: string): Promise<number[]> {
  const rows = await db
    .select({ number: box.number })
    .from(box)
    .where(and(eq(box.clientId, clientId), notInArray(box.state, [...ENDED])));
  return rows.map(({ number }) => number);
}

/** Lines still in the box with garment, variant, active hold and alterations. */
export async function linesOf(db: Reader, boxId: string) {
  const rows = await db
    .select({ line: boxLine, variant, garment, hold, location: location.title })
    .from(boxLine)
    .innerJoin(location, eq(location.id, boxLine.locationId))
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .leftJoin(hold, and(eq(hold.boxLineId, boxLine.id), inArray(hold.state, ['active', 'shipped'])))
    .where(and(eq(boxLine.boxId, boxId), isNull(boxLine.removedAt)))
    .orderBy(asc(boxLine.position), asc(boxLine.id));
  const ids = rows.map(({ line }) => line.id);
  const jobs =
    ids.length > 0
      ? await db
          .select()
          .from(alteration)
          .where(inArray(alteration.boxLineId, ids))
          .orderBy(asc(alteration.createdAt), asc(alteration.id))
      : [];
  return rows.map((row) => ({ ...row, alterations: jobs.filter((job) => job.boxLineId === row.line.id) }));
}

/** Lines in the one order in which stock is locked, so that two boxes cannot wait for each other. */
export const inLockOrder = (lines: readonly LineRecord[]): LineRecord[] =>
  [...lines].sort((a, b) => (a.line.variantId < b.line.variantId ? -1 : 1));

/** Price of a line now, or as frozen when the box went out. */
export const priceOf = ({ line, garment: row }: Pick<LineRecord, 'line' | 'garment'>): number =>
  line.priceMinor ?? row.priceMinor;

/** What the tailor takes for a line. */
export const alteringOf = (record: LineRecord): number =>
  record.alterations.reduce((sum, job) => sum + job.priceMinor, 0);

/** What the lines of a box cost, altered as they are to be. */
export const spentOn = (lines: readonly LineRecord[]): number =>
  lines.reduce((sum, record) => sum + priceOf(record) + alteringOf(record), 0);

type Jobs = readonly (typeof alteration.$inferSelect)[];

/** Days the longest job of a box takes; they are counted back from the day of the occasion. */
export const alteringDays = (jobs: Jobs): number => Math.max(0, ...jobs.map((job) => job.leadDays));

/** An altered piece stays, unless the shop took it up so. */
export const mayReturn = (jobs: Jobs): boolean => jobs.every((job) => job.mayReturn);

/** The piece of a line as the client gets it: in its size, altered. */
export const pieceOfLine = (
  record: Pick<LineRecord, 'line' | 'garment' | 'variant' | 'alterations'>,
): Piece => ({
  ...altered(pieceOfGarment(record.garment, record.variant, `line:${record.line.id}`), record.alterations),
  priceMinor: priceOf(record),
  ...(record.line.nudge ? { nudge: true } : {}),
});

/** A unit is held for a line until somebody takes it back; one that ran out is still held until it is released. */
export const isHeld = ({ hold: held }: Pick<LineRecord, 'hold'>): boolean => held?.state === 'active';
