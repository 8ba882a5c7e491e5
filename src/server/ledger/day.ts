import { dayCloseCall } from '@contracts/ledger/day';
import { paidOn, papersOf, taxedOn } from '@data/ledger/day';
import { inMoney } from '@data/ledger/decisions';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';

/** What was taken and given back on a day, by way and by rate of tax, and what is still with clients. */
export const dayClose = serve(dayCloseCall, {
  async run({ tx, actor, now }, { day: wanted }) {
    const { zone, currency } = await shopOf(tx, actor.shopId);
    const today = dayIn(zone, now);
    const day = { shopId: actor.shopId, zone, day: wanted ?? today };
    const { outMinor, lateMinor } = await inMoney(tx, { shopId: actor.shopId, zone }, today);
    return {
      day: day.day,
      currency,
      ways: await paidOn(tx, day),
      rates: await taxedOn(tx, day),
      ...(await papersOf(tx, day)),
      outMinor,
      lateMinor,
    };
  },
});
