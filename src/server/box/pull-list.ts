import { bodyOf } from '@core/figure';
import { fitOf, rankPull, type SizeOffer } from '@core/pull';
import type { PullAnswer, PullRow } from '@contracts/views';
import type { Reader } from '@data/db';
import { pieceOfGarment, pieceOfOwned, splitMeasures } from '@data/pieces';
import { boxAsk, garment, ownedItem, stockBalance, variant } from '@data/schema';
import { and, asc, eq, ilike, inArray, isNull, lte } from 'drizzle-orm';
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
    const garments = await garmentsFor(tx, actor.shopId, { ...input, categories });
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
    const soldOut = candidates
      .filter((each) => each.sizes.every((size) => size.free === 0))
      .map((each) => ({ title: each.piece.title, why: 'Sold out in every size' }));
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
    return { rows, leftOut: [...soldOut, ...unfit, ...sizeGone].slice(0, 40) };
  },
});

async function garmentsFor(
  tx: Reader,
  shopId: string,
  filter: { categories: readonly string[]; search: string; mostMinor: number | null },
) {
  const rows = await tx
    .select()
    .from(garment)
    .where(
      and(
        eq(garment.shopId, shopId),
        isNull(garment.archivedAt),
        filter.categories.length > 0 ? inArray(garment.category, [...filter.categories]) : undefined,
        filter.search ? ilike(garment.title, `%${filter.search.replace(/[%_\\]/g, '\\$&')}%`) : undefined,
        filter.mostMinor === null ? undefined : lte(garment.priceMinor, filter.mostMinor),
      ),
    )
    .orderBy(asc(garment.title))
    .limit(1000);
  if (rows.length === 0) return [];
  const sizes = await tx
    .select({ variant, free: stockBalance.qty })
    .from(variant)
    .leftJoin(stockBalance, and(eq(stockBalance.variantId, variant.id), eq(stockBalance.place, 'shelf')))
    .where(
      inArray(
        variant.garmentId,
        rows.map((row) => row.id),
      ),
    )
    .orderBy(asc(variant.position));
  const byGarment = new Map<string, SizeOffer[]>();
  for (const { variant: size, free } of sizes) {
    const list = byGarment.get(size.garmentId) ?? [];
    const before = list.find((offer) => offer.variantId === size.id);
    if (before) list[list.indexOf(before)] = { ...before, free: before.free + (free ?? 0) };
    else
      list.push({
        variantId: size.id,
        size: size.length ? `${size.size} ${size.length}` : size.size,
        ...splitMeasures(size.measures),
        free: free ?? 0,
      });
    byGarment.set(size.garmentId, list);
  }
  return rows.map((row) => ({ row, sizes: byGarment.get(row.id) ?? [] }));
}
