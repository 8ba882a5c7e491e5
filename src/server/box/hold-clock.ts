import { isHere, isPacked } from '@core/box';
import { addDays } from '@core/schedule';
import type { BoxRecord } from '@data/box/boxes';
import { type LineRecord, linesOf } from '@data/box/lines';
import { setExpiry } from '@data/stock/holds';
import type { Context } from '../context';
import { endOfDayIn, dayIn, shopOf } from '../shop/settings';
import { dueOf } from './due';

/**
 * Until when a box holds its pieces: to the end of the day it is to be packed by, and for the shop's days of holding at
 * the least. Null once it is packed: then it is on no clock.
 */
export async function holdUntil(
  { tx, now }: Context,
  row: BoxRecord,
  lines: readonly LineRecord[],
): Promise<Date | null> {
  if (isPacked(row.state)) return null;
  const shop = await shopOf(tx, row.shopId);
  const least = addDays(dayIn(shop.zone, now), shop.holdDays);
  const packBy = (await dueOf(tx, row, shop, lines))?.packBy ?? least;
  return endOfDayIn(shop.zone, packBy > least ? packBy : least);
}

/** Sets the clock of every hold of a box anew: its day has moved, or it was packed or unpacked. */
export async function setHoldClock(
  context: Context,
  row: BoxRecord,
  known?: readonly LineRecord[],
): Promise<void> {
  if (!isHere(row.state)) return;
  const lines = known ?? (await linesOf(context.tx, row.id));
  if (lines.length === 0) return;
  await setExpiry(
    context.tx,
    lines.map(({ line }) => line.id),
    await holdUntil(context, row, lines),
  );
}
