import { eq, inArray } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { boxLine, limitPass } from '../schema';

/** Limits let pass by name in a box, and questions of content that were answered. */
export const passesIn = (db: Reader, boxId: string) =>
  db
    .select({ lineId: limitPass.boxLineId, code: limitPass.code, about: limitPass.about })
    .from(limitPass)
    .innerJoin(boxLine, eq(boxLine.id, limitPass.boxLineId))
    .where(eq(boxLine.boxId, boxId));

/** The same of many boxes, with the reasons that were given. */
export async function passesWithReasons(db: Reader, boxIds: readonly string[]) {
  if (boxIds.length === 0) return [];
  const rows = await db
    .select({ pass: limitPass })
    .from(limitPass)
    .innerJoin(boxLine, eq(boxLine.id, limitPass.boxLineId))
    .where(inArray(boxLine.boxId, [...boxIds]));
  return rows.map(({ pass }) => pass);
}

/** Writes what was let pass; what stands already is left as it is. */
export async function addPasses(
  tx: Writer,
  values: readonly (typeof limitPass.$inferInsert)[],
): Promise<void> {
  await tx
    .insert(limitPass)
    .values([...values])
    .onConflictDoNothing();
}
