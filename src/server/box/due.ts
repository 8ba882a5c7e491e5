import { type DueDates, dueDates } from '@core/schedule';
import type { Reader } from '@data/db';
import { boxOccasion, occasion } from '@data/schema';
import { eq, min } from 'drizzle-orm';
import { calendarOf, leadTimes, type ShopRow } from '../shop/settings';
import { alteringDays, type BoxRecord, type LineRecord } from './lines';

/** Latest dates of a box, worked backwards from the first day of its occasions. */
export async function dueOf(
  db: Reader,
  row: BoxRecord,
  shop: ShopRow,
  lines: readonly LineRecord[],
): Promise<DueDates | undefined> {
  const [first] = await db
    .select({ day: min(occasion.day) })
    .from(boxOccasion)
    .innerJoin(occasion, eq(occasion.id, boxOccasion.occasionId))
    .where(eq(boxOccasion.boxId, row.id));
  return dueOn(first?.day ?? undefined, shop, lines);
}

/** The same where that first day is known already. */
export const dueOn = (
  day: string | undefined,
  shop: ShopRow,
  lines: readonly LineRecord[],
): DueDates | undefined =>
  day === undefined
    ? undefined
    : dueDates(
        day,
        leadTimes(shop),
        calendarOf(shop),
        alteringDays(lines.flatMap(({ alterations }) => alterations)),
      );
