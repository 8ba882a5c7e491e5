import { arrivalDates, type DueDates, dueDates } from '@core/schedule';
import type { Reader } from '@data/db';
import { type BoxRecord, firstDays } from '@data/box/boxes';
import type { LineRecord } from '@data/box/lines';
import type { ShopRow } from '@data/shop/shops';
import { calendarOf, leadTimes } from '../shop/settings';
import { alteringDays } from './lines';

/** Latest dates of a box, worked backwards from the first day of its occasions, or from the day its rhythm gives it. */
export async function dueOf(
  db: Reader,
  row: BoxRecord,
  shop: ShopRow,
  lines: readonly LineRecord[],
): Promise<DueDates | undefined> {
  return dueOn((await firstDays(db, [row.id])).get(row.id), row, shop, lines);
}

/** The same where that first day is known already. */
export const dueOn = (
  day: string | undefined,
  row: Pick<BoxRecord, 'wantedBy'>,
  shop: ShopRow,
  lines: readonly LineRecord[],
): DueDates | undefined =>
  dueWith(day, row, shop, alteringDays(lines.flatMap(({ alterations }) => alterations)));

/** The same where the days of its alterations are known too. Whichever comes first decides. */
export function dueWith(
  day: string | undefined,
  { wantedBy }: Pick<BoxRecord, 'wantedBy'>,
  shop: ShopRow,
  altering: number,
): DueDates | undefined {
  const [lead, calendar] = [leadTimes(shop), calendarOf(shop)];
  const forDay = day === undefined ? undefined : dueDates(day, lead, calendar, altering);
  const forRhythm = wantedBy === null ? undefined : arrivalDates(wantedBy, lead, calendar, altering);
  if (!forDay || !forRhythm) return forDay ?? forRhythm;
  return forRhythm.shipBy < forDay.shipBy ? { ...forRhythm, occasion: forDay.occasion } : forDay;
}
