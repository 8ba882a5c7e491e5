import { countedLines } from '@core/box';
import { altered } from '@core/fit';
import type { Piece } from '@core/piece';
import { type BoxRecord, findBox } from '@data/box/boxes';
import { type AlterationRow, findLine, type LineRecord, type LineRow } from '@data/box/lines';
import type { Reader } from '@data/db';
import { pieceOfGarment } from '@data/pieces';
import { isId, notFound } from '../problem';

/** The box of this shop, locked for the rest of the transaction when `lock` is set. */
export async function boxOf(db: Reader, shopId: string, id: string, lock = false): Promise<BoxRecord> {
  const row = isId(id) ? await findBox(db, shopId, id, lock) : undefined;
  if (!row) throw notFound('That box');
  return row;
}

/** A line still in its box. */
export async function lineOf(db: Reader, boxId: string, lineId: string): Promise<LineRow> {
  const line = await findLine(db, boxId, lineId);
  if (!line) throw notFound('That line');
  return line;
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
export function spentOn(lines: readonly LineRecord[]): number {
  const counted = new Set(countedLines(lines.map(({ line }) => line)).map(({ id }) => id));
  return lines
    .filter(({ line }) => counted.has(line.id))
    .reduce((sum, record) => sum + priceOf(record) + alteringOf(record), 0);
}

type Jobs = readonly AlterationRow[];

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

/** What was asked for in exchange and waits for its parcel. */
export const waitsForParcel = ({ line }: { readonly line: LineRow }): boolean =>
  line.exchangeOf !== null && line.parcelNo === null;

/** A unit is held for a line until somebody takes it back; one that ran out is still held until it is released. */
export const isHeld = ({ hold: held }: Pick<LineRecord, 'hold'>): boolean => held?.state === 'active';
