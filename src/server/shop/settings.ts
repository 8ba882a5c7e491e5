import type { ShopView } from '@contracts/shop/shop-view';
import { memoNamed } from '@core/memo';
import { addDays, type Calendar, type Keeping, type LeadTimes } from '@core/schedule';
import type { Reader } from '@data/db';
import { findShop, type ShopRow } from '@data/shop/shops';
import { notFound } from '../problem';

/** The shop, its row locked for the rest of the transaction when `lock` is set. */
export async function shopOf(db: Reader, id: string, lock = false): Promise<ShopRow> {
  const row = await findShop(db, id, lock);
  if (!row) throw notFound('The shop');
  return row;
}

/** The shop as its screens know it, for whoever is signed in. */
export const shopFor = async (db: Reader, shopId: string): Promise<ShopView> =>
  shopView(await shopOf(db, shopId));

export const shopView = (row: ShopRow): ShopView => ({
  name: row.name,
  town: row.town,
  currency: row.currency,
  schools: row.schools,
  settings: row.ruleSettings,
  pull: row.pullSettings,
  alteredMayReturn: row.alteredMayReturn,
  tongue: { english: row.english, units: row.units },
  paper: row.paper,
});

export const leadTimes = (row: ShopRow): LeadTimes => ({
  exchangeDays: row.exchangeDays,
  tryOnDays: row.tryOnDays,
  transitDays: row.transitDays,
  packDays: row.packDays,
  styleDays: row.styleDays,
});

export const keepingOf = (row: ShopRow): Keeping => ({
  measures: row.keepMeasuresMonths,
  photos: row.keepPhotosMonths,
  boxes: row.keepBoxesMonths,
});

export const calendarOf = (row: ShopRow): Calendar => ({
  closed: row.closedWeekdays,
  holidays: row.holidays,
});

const daysIn = memoNamed(
  (timeZone) =>
    new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }),
);

/** The calendar day of an instant where the shop is. */
export const dayIn = (zone: string, instant: Date): string => daysIn(zone).format(instant);

/** The last instant of a calendar day where the shop is. */
export const endOfDayIn = (zone: string, day: string): Date =>
  new Date(startOfDayIn(zone, addDays(day, 1)).getTime() - 1);

/** The first instant of a calendar day where the shop is. */
export const startOfDayIn = (zone: string, day: string): Date => instantIn(zone, `${day}T00:00`);

/** The instant of a day and time by the shop's clock, as `2026-12-05T14:00`. */
export function instantIn(zone: string, local: string): Date {
  // Found from the offset at that instant; a clock change on the day itself is met.
  const wanted = Date.parse(`${local}:00Z`);
  let at = wanted;
  for (let i = 0; i < 2; i++) at = wanted - offsetMs(zone, new Date(at));
  return new Date(at);
}

/** Day and time of an instant by the shop's clock, as `2026-12-05T14:00`. */
export const clockIn = (zone: string, instant: Date): string =>
  new Date(instant.getTime() + offsetMs(zone, instant)).toISOString().slice(0, 16);

const clocksIn = memoNamed(
  (timeZone) =>
    new Intl.DateTimeFormat('en-US', {
      timeZone,
      hourCycle: 'h23',
      year: 'numeric',
      month: 'numeric',
      day: 'numeric',
      hour: 'numeric',
      minute: 'numeric',
      second: 'numeric',
    }),
);

/** How far the clock of a zone is ahead of UTC at an instant, ms. */
function offsetMs(zone: string, instant: Date): number {
  const parts = clocksIn(zone).formatToParts(instant);
  const at = (type: string): number => Number(parts.find((part) => part.type === type)?.value ?? 0);
  const shown = Date.UTC(at('year'), at('month') - 1, at('day'), at('hour'), at('minute'), at('second'));
  return shown - Math.floor(instant.getTime() / 1000) * 1000;
}
