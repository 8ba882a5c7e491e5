import { setImmediate as breath } from 'node:timers/promises';
import { type FitsNobody, ledgerFitsNobodyCall } from '@contracts/ledger/ledger';
import { isCutToBody } from '@core/fit';
import { sizeForHer } from '@core/pull';
import { clientsWithMeasures } from '@data/client/clients';
import { candidatesFor, smallNumbersOf } from '../box/candidates';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';

const LISTED = 24;
/** Garments gone through between two breaths, so that others are served meanwhile. */
const A_BREATH = 4;

/** What hangs here and fits nobody on the books, dearest first. Bags and scarves fit everybody. */
export const ledgerFitsNobody = serve(ledgerFitsNobodyCall, {
  async run({ tx, actor, now }) {
    const shop = await shopOf(tx, actor.shopId);
    const people = (await clientsWithMeasures(tx, actor.shopId)).filter(
      // Of whom nothing is known, nothing fits or does not.
      ({ given, row }) =>
        Object.keys(given).some((name) => name !== 'estimated') || Object.keys(row.sizes).length > 0,
    );
    const small = smallNumbersOf(shop.english);
    const found: FitsNobody[] = [];
    const candidates = people.length > 0 ? await candidatesFor(tx, { shopId: actor.shopId }, now) : [];
    for (const [i, candidate] of candidates.entries()) {
      if (i % A_BREATH === 0) await breath();
      const { piece, sizes } = candidate;
      const here = sizes.filter(({ free }) => free > 0);
      if (here.length === 0 || !isCutToBody(piece.category)) continue;
      if (people.some(({ profile }) => sizeForHer(candidate, profile, shop.schools, small))) continue;
      const units = here.reduce((sum, { free }) => sum + free, 0);
      found.push({
        garmentId: piece.id,
        title: piece.title,
        sizes: here.map(({ size }) => size).join(', '),
        units,
        worthMinor: units * (piece.priceMinor ?? 0),
      });
    }
    found.sort((a, b) => b.worthMinor - a.worthMinor || (a.title < b.title ? -1 : 1));
    return { garments: found.slice(0, LISTED), clients: people.length, currency: shop.currency };
  },
});
