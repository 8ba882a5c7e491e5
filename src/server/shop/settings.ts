import type { ShopView } from '@contracts/views';
import type { Calendar, LeadTimes } from '@core/schedule';
import type { Reader } from '@data/db';
import { shop } from '@data/schema';
import { eq } from 'drizzle-orm';
import { notFound } from '../problem';

export type ShopRow = typeof shop.$inferSelect;

export async function shopOf(db: Reader, id: string): Promise<ShopRow> {
  const [row] = await db.select().from(shop).where(eq(shop.id, id));
  if (!row) throw notFound('The shop');
  return row;
}

export const shopView = (row: ShopRow): ShopView => ({
  name: row.name,
  town: row.town,
  currency: row.currency,
  schools: row.schools,
  settings: row.ruleSettings,
  pull: row.pullSettings,
  alteredMayReturn: row.alteredMayReturn,
});

export const leadTimes = (row: ShopRow): LeadTimes => ({
  exchangeDays: row.exchangeDays,
  tryOnDays: row.tryOnDays,
  transitDays: row.transitDays,
  packDays: row.packDays,
  styleDays: row.styleDays,
});

export const calendarOf = (row: ShopRow): Calendar => ({
  closed: row.closedWeekdays,
  holidays: row.holidays,
});

/** The calendar day of an instant where the shop is. */
export const dayIn = (zone: string, instant: Date): string =>
  new Intl.DateTimeFormat('en-CA', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  }).format(instant);
