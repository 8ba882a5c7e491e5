import { sizeWords } from '@core/stock';
import { lab, type Lab } from '@core/colour';
import { bodyOf } from '@core/figure';
import { fitOf, rankPull, type SizeOffer } from '@core/pull';
import type { PullAnswer, PullRow } from '@contracts/views';
import type { Reader } from '@data/db';
import { pieceOfGarment, pieceOfOwned, splitMeasures } from '@data/pieces';
import { boxAsk, ownedItem } from '@data/schema';
import { pullCandidates, type PullWish, sizesByGarment, soldOut } from '@data/stock';
import { and, eq, isNull } from 'drizzle-orm';
import { clientOf } from '../client/profile';
import { defineUseCase } from '../use-case';
import { releaseExpired } from '../stock/holds';
import { boxOf, linesOf, priceOf } from './load';

const MOST_ROWS = 60;

export const pullList = defineUseCase({
  name: 'pull-list',
  roles: ['owner', 'stylist'],
  writes: false,
  async run({ tx, actor, now }, input): Promise<PullAnswer> {
    const row = await boxOf(tx, actor.shopId, input.boxId);
    await releaseExpired(tx, now);
    const { profile } = await clientOf(tx, actor.shopId, row.clientId);
    const body = bodyOf(profile.measures);
    const [asked] = input.askId
      ? await tx
          .select()
          .from(boxAsk)
          .where(and(eq(boxAsk.id, input.askId), eq(boxAsk.boxId, row.id)))
      : [];
    const categories = input.categories.length > 0 ? input.categories : (asked?.ask.categories ?? []);
    const wish: PullWish = {
      shopId: actor.shopId,
      search: input.search,
      mostMinor: input.mostMinor,
      categories,
      near: wishedColour(asked?.ask.colourHex, profile.colourCard.like),
    };
    const garments = await garmentsFor(tx, wish);
    const lines = await linesOf(tx, row.id);
    const owned = await tx
      .select()
      .from(ownedItem)
      .where(and(eq(ownedItem.clientId, row.clientId), isNull(ownedItem.retiredAt)));
    const spent = lines.reduce((sum, record) => sum + priceOf(record), 0);
    const inBox = new Set(lines.map((record) => record.garment.id));
    const candidates = garments
      .filter(({ row: each }) => !inBox.has(each.id))
      .map(({ row: each, sizes }) => ({ piece: pieceOfGarment(each, undefined), sizes }));
    const ranked = rankPull(candidates, {
      body,
      client: profile,
      ask: asked?.ask,
      leftMinor: row.budgetMinor === null ? undefined : row.budgetMinor - spent,
      owned: owned.map(pieceOfOwned),
    });
    const shown = ranked.filter(
      (each) => !input.fitsOnly || (each.verdict !== 'too small' && each.verdict !== 'too big'),
    );
    const rows = shown.slice(0, MOST_ROWS).map((each): PullRow => ({
      garmentId: each.piece.id,
      variantId: each.size.variantId,
      piece: {
        ...each.piece,
        measures: { ...each.piece.measures, ...each.size.measures },
        origins: { ...each.piece.origins, ...each.size.origins },
      },
      size: each.size.size,
      free: each.size.free,
      verdict: each.verdict,
      reasons: each.reasons,
      doubt: each.doubt,
      otherSizes: (candidates.find((candidate) => candidate.piece.id === each.piece.id)?.sizes ?? [])
        .filter((size) => size.variantId !== each.size.variantId)
        .map(({ variantId, size, free }) => ({ variantId, size, free })),
    }));
    // Of everything there is, nobody asks what is gone.
    const isNarrow = categories.length > 0 || input.search !== '';
    const gone = (isNarrow ? await soldOut(tx, wish) : []).map(({ title }) => ({
      title,
      why: 'Sold out in every size',
    }));
    const unfit = input.fitsOnly
      ? ranked
          .filter((each) => !shown.includes(each))
          .map((each) => ({
            title: each.piece.title,
            why: `${each.fit} in the nearest size, ${each.size.size}`,
          }))
      : [];
    const sizeGone = shown.flatMap((each) => {
      const gone = candidates
        .find((candidate) => candidate.piece.id === each.piece.id)
        ?.sizes.find(
          (size) =>
            size.free === 0 && each.verdict !== 'right' && fitOf(each.piece, size, body).verdict === 'right',
        );
      return gone
        ? [
            {
              title: each.piece.title,
              why: `Size ${gone.size} would fit and is gone; ${each.size.size} is shown`,
            },
          ]
        : [];
    });
    return { rows, leftOut: [...gone, ...unfit, ...sizeGone].slice(0, 40) };
  },
});

/** The colour that was asked for, or the first of those the client likes. */
const wishedColour = (asked: string | undefined, liked: readonly string[]): Lab | undefined => {
  const hex = asked ?? liked[0];
  return hex === undefined ? undefined : lab(hex);
};

async function garmentsFor(tx: Reader, wish: PullWish) {
  const rows = await pullCandidates(tx, wish);
  const sizes = await sizesByGarment(
    tx,
    rows.map((row) => row.id),
  );
  return rows.map((row) => ({
    row,
    sizes: (sizes.get(row.id) ?? []).map(({ variant, at }): SizeOffer => ({
      variantId: variant.id,
      size: sizeWords(variant),
      ...splitMeasures(variant.measures),
      free: at.shelf ?? 0,
    })),
  }));
}
