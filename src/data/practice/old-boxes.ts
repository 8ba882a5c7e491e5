import type { Ask } from '@core/reading';
import { and, asc, eq, inArray, isNotNull, isNull, notInArray, sql } from 'drizzle-orm';
import type { Reader } from '../db';
import { box, boxAsk, boxLine, boxOccasion, garment, occasion, variant } from '../schema';

/** Pieces a box has to have had for anybody to learn from it. */
const LEAST_PIECES = 3;

/** What is read of a box that is closed: nothing that names a person. */
export interface OldBoxRow {
  readonly id: string;
  readonly budgetMinor: number | null;
  readonly outAt: Date | null;
}

const decided = and(isNull(boxLine.removedAt), isNotNull(boxLine.decision), isNull(boxLine.exchangeOf));

/** A closed box of a shop that is not among those seen, drawn by lot; or one by its id. */
export async function findOldBox(
  db: Reader,
  shopId: string,
  { seen = [], id }: { readonly seen?: readonly string[]; readonly id?: string },
): Promise<OldBoxRow | undefined> {
  const [row] = await db
    .select({ id: box.id, budgetMinor: box.budgetMinor, outAt: box.outAt })
    .from(box)
    .where(
      and(
        eq(box.shopId, shopId),
        eq(box.state, 'closed'),
        id === undefined ? undefined : eq(box.id, id),
        seen.length > 0 ? notInArray(box.id, [...seen]) : undefined,
        sql`(select count(*) from box_line l where l.box_id = ${box.id} and l.removed_at is null and l.decision is not null and l.exchange_of is null) >= ${LEAST_PIECES}`,
      ),
    )
    .orderBy(sql`random()`)
    .limit(1);
  return row;
}

/** What went out in it and how it was decided, a garment once. */
export const oldLines = (db: Reader, boxId: string) =>
  db
    .selectDistinctOn([garment.id], {
      garment,
      priceMinor: boxLine.priceMinor,
      decision: boxLine.decision,
      reason: boxLine.reason,
    })
    .from(boxLine)
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(and(eq(boxLine.boxId, boxId), decided))
    .orderBy(asc(garment.id), asc(boxLine.position));

export async function oldBrief(
  db: Reader,
  boxId: string,
): Promise<{
  readonly asks: readonly Ask[];
  readonly occasions: readonly { readonly time: string; readonly lo: number; readonly hi: number }[];
}> {
  const asks = await db
    .select({ ask: boxAsk.ask })
    .from(boxAsk)
    .where(eq(boxAsk.boxId, boxId))
    .orderBy(asc(boxAsk.position));
  const ids = db.select({ id: boxOccasion.occasionId }).from(boxOccasion).where(eq(boxOccasion.boxId, boxId));
  const occasions = await db
    .select({ details: occasion.details, lo: occasion.formalityLo, hi: occasion.formalityHi })
    .from(occasion)
    .where(inArray(occasion.id, ids))
    .orderBy(asc(occasion.id));
  return {
    asks: asks.map(({ ask }) => ask),
    occasions: occasions.map(({ details, lo, hi }) => ({ time: details.time, lo, hi })),
  };
}
