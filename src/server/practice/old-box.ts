import { oldBoxCall, oldBoxOutcomeCall } from '@contracts/practice/old-box';
import { seeded, shuffled } from '@core/chance';
import { money } from '@core/money';
import { isOtherRail } from '@core/pull';
import { oldBoxOutcome } from '@core/practice';
import { askParts } from '@core/reading';
import { pieceOfGarment } from '@data/pieces';
import { findOldBox, oldBrief, oldLines } from '@data/practice/old-boxes';
import { candidatesFor } from '../box/candidates';
import { notFound } from '../problem';
import { shopOf, shopView } from '../shop/settings';
import { serve } from '../use-case';

/** Pieces of the shelf that lie among those that went out. */
const OTHERS = 6;
const SEASONS = ['winter', 'spring', 'summer', 'autumn'] as const;

/** A past brief without its outcome. Names, titles and measures stay where they are. */
export const oldBox = serve(oldBoxCall, {
  async run({ tx, actor, now }, { seen }) {
    const row = await findOldBox(tx, actor.shopId, { seen });
    if (!row) return {};
    const shop = await shopOf(tx, actor.shopId);
    const { tongue, currency } = shopView(shop);
    const lines = await oldLines(tx, row.id);
    const brief = await oldBrief(tx, row.id);
    const went = lines.map(({ garment, priceMinor }) => ({
      garmentId: garment.id,
      piece: pieceOfGarment(garment, undefined),
      priceMinor: priceMinor ?? garment.priceMinor,
    }));
    const categories = [...new Set(went.map(({ piece }) => piece.category))];
    const rail = went.find(({ piece }) => piece.department)?.piece.department;
    const candidates = await candidatesFor(tx, { shopId: actor.shopId, categories }, now);
    const draw = seeded(Number.parseInt(row.id.slice(0, 8), 16));
    const others = shuffled(
      candidates.filter(
        ({ piece }) => !went.some(({ garmentId }) => garmentId === piece.id) && !isOtherRail(piece, rail),
      ),
      draw,
    )
      .slice(0, OTHERS)
      .map(({ piece }) => ({ garmentId: piece.id, piece, priceMinor: piece.priceMinor ?? 0 }));
    return {
      box: {
        boxId: row.id,
        season: row.outAt ? (SEASONS[Math.floor(((row.outAt.getUTCMonth() + 1) % 12) / 3)] ?? '') : '',
        asks: brief.asks
          .map((ask) =>
            askParts(ask, tongue, (minor) => money(minor, currency))
              .map(({ words, isNot }) => (isNot ? `not ${words}` : words))
              .join(', '),
          )
          .filter(Boolean),
        occasions: brief.occasions.map(
          ({ time, lo, hi }) => `${time}, formality ${lo.toFixed(0)} to ${hi.toFixed(0)} of 10`,
        ),
        budgetMinor: row.budgetMinor,
        currency,
        pieces: shuffled([...went, ...others], draw),
      },
    };
  },
});

export const oldBoxOutcomes = serve(oldBoxOutcomeCall, {
  async run({ tx, actor }, { boxId, chosen }) {
    const row = await findOldBox(tx, actor.shopId, { id: boxId });
    if (!row) throw notFound('The old box');
    const sent = (await oldLines(tx, row.id)).map(({ garment, priceMinor, decision, reason }) => ({
      garmentId: garment.id,
      priceMinor: priceMinor ?? garment.priceMinor,
      kept: decision === 'keep',
      reason: reason ?? undefined,
    }));
    return oldBoxOutcome(sent, chosen);
  },
});
