import { grouped } from '@core/grouped';
import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { alteration, boxLine, garment, hold, location, variant } from '../schema';

export type LineRow = typeof boxLine.$inferSelect;
export type LineRecord = Awaited<ReturnType<typeof linesOf>>[number];
type LineValues = Partial<typeof boxLine.$inferInsert>;

/** Lines still in the box with garment, variant, active hold and alterations. */
export const linesOf = (db: Reader, boxId: string) => linesOfBoxes(db, [boxId]);

/** Lines still in any of these boxes, with what belongs to each. */
export async function linesOfBoxes(db: Reader, boxIds: readonly string[]) {
  if (boxIds.length === 0) return [];
  const rows = await db
    .select({ line: boxLine, variant, garment, hold, location: location.title })
    .from(boxLine)
    .innerJoin(location, eq(location.id, boxLine.locationId))
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .leftJoin(hold, and(eq(hold.boxLineId, boxLine.id), inArray(hold.state, ['active', 'shipped'])))
    .where(and(inArray(boxLine.boxId, [...boxIds]), isNull(boxLine.removedAt)))
    .orderBy(asc(boxLine.position), asc(boxLine.createdAt), asc(boxLine.id));
  const jobs = await alterationsOf(
    db,
    rows.map(({ line }) => line.id),
  );
  const jobsOf = grouped(jobs, ({ boxLineId }) => boxLineId);
  return rows.map((row) => ({ ...row, alterations: jobsOf.get(row.line.id) ?? [] }));
}

/** Lines still in any of these boxes. */
export async function linesIn(db: Reader, boxIds: readonly string[]): Promise<LineRow[]> {
  if (boxIds.length === 0) return [];
  return db
    .select()
    .from(boxLine)
    .where(and(inArray(boxLine.boxId, [...boxIds]), isNull(boxLine.removedAt)));
}

/** A line still in its box. */
export async function findLine(db: Reader, boxId: string, lineId: string): Promise<LineRow | undefined> {
  const [line] = await db
    .select()
    .from(boxLine)
    .where(and(eq(boxLine.id, lineId), eq(boxLine.boxId, boxId), isNull(boxLine.removedAt)));
  return line;
}

/** A line at the end of its box; its id. */
export async function addLine(
  tx: Writer,
  values: Omit<typeof boxLine.$inferInsert, 'position'>,
): Promise<string> {
  const [line] = await tx
    .insert(boxLine)
    .values({ ...values, position: sql`(select count(*) from box_line where box_id = ${values.boxId})` })
    .returning({ id: boxLine.id });
  if (!line) throw new Error('the line was not made');
  return line.id;
}

export async function changeLine(tx: Writer, lineId: string, values: LineValues): Promise<void> {
  await tx.update(boxLine).set(values).where(eq(boxLine.id, lineId));
}

/** Marks a line as the one braver choice of its box, or takes the mark away; false when the line is not there. */
export async function setNudge(tx: Writer, boxId: string, lineId: string, nudge: boolean): Promise<boolean> {
  const held = and(eq(boxLine.boxId, boxId), isNull(boxLine.removedAt));
  await tx
    .update(boxLine)
    .set({ nudge: false })
    .where(and(held, eq(boxLine.nudge, true)));
  const found = await tx
    .update(boxLine)
    .set({ nudge })
    .where(and(held, eq(boxLine.id, lineId)))
    .returning({ id: boxLine.id });
  return found.length > 0;
}

export type AlterationRow = typeof alteration.$inferSelect;

/** What a tailor is to do to lines, in the order it was asked for. */
export async function alterationsOf(db: Reader, lineIds: readonly string[]): Promise<AlterationRow[]> {
  if (lineIds.length === 0) return [];
  return db
    .select()
    .from(alteration)
    .where(inArray(alteration.boxLineId, [...lineIds]))
    .orderBy(asc(alteration.createdAt), asc(alteration.id));
}

/** A job on a line, in the place of one of its kind. */
export async function putAlteration(tx: Writer, values: typeof alteration.$inferInsert): Promise<void> {
  await tx
    .delete(alteration)
    .where(and(eq(alteration.boxLineId, values.boxLineId), eq(alteration.job, values.job)));
  await tx.insert(alteration).values(values);
}

export async function dropAlteration(tx: Writer, id: string): Promise<void> {
  await tx.delete(alteration).where(eq(alteration.id, id));
}

/** What was to be done to one line is done to another. */
export async function moveAlterations(tx: Writer, from: string, to: string): Promise<void> {
  await tx.update(alteration).set({ boxLineId: to }).where(eq(alteration.boxLineId, from));
}
