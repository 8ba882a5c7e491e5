import { bodyOf } from '@core/figure';
import type { SizeOffer } from '@core/fit';
import { memo } from '@core/memo';
import type { Piece } from '@core/piece';
import type { Candidate, RankSetting } from '@core/pull';
import { sizeWords } from '@core/stock';
import type { Reader } from '@data/db';
import { labelKey, labelOffsets, pastLines } from '@data/decisions';
import { pieceOfGarment, pieceOfOwned, splitMeasures } from '@data/pieces';
import { boxOccasion, ownedItem } from '@data/schema';
import { type KnownGarment, knownGarments } from '@data/known-garments';
import { pullCandidates, type PullWish, unitsOnShelf } from '@data/stock';
import { and, eq, isNull } from 'drizzle-orm';
import { occasionsOf } from '../client/occasions';
import { clientOf } from '../client/profile';
import type { Actor } from '../context';
import { shopOf } from '../shop/settings';
import { type BoxRecord, type LineRecord, spentOn } from './lines';

const DAY_MS = 86_400_000;

/** What candidates of a box are ranked by, but for the ask. */
export async function rankSetting(
  db: Reader,
  actor: Actor,
  row: BoxRecord,
  lines: readonly LineRecord[],
): Promise<RankSetting> {
  const shop = await shopOf(db, actor.shopId);
  const { profile } = await clientOf(db, actor.shopId, row.clientId);
  const owned = await db
    .select()
    .from(ownedItem)
    .where(and(eq(ownedItem.clientId, row.clientId), isNull(ownedItem.retiredAt)));
  const chosen = await db.select().from(boxOccasion).where(eq(boxOccasion.boxId, row.id));
  const occasions = chosen.length > 0 ? await occasionsOf(db, row.clientId) : [];
  return {
    body: bodyOf(profile.measures),
    client: profile,
    shopSchools: shop.schools,
    leftMinor: row.budgetMinor === null ? undefined : row.budgetMinor - spentOn(lines),
    owned: owned.map(pieceOfOwned),
    loved: owned.filter(({ loved }) => loved).map(({ id }) => `owned:${id}`),
    occasions: occasions
      .filter(({ id }) => chosen.some(({ occasionId }) => occasionId === id))
      .map(({ occasion }) => occasion),
    past: await pastLines(db, row.clientId),
    settings: shop.pullSettings,
  };
}

/** What stays the same of a garment while nobody changes it: its piece, and its sizes but for their units. */
const stillOf = memo(({ row, sizes }: KnownGarment) => ({
  piece: pieceOfGarment(row, undefined),
  sizes: sizes.map((size) => ({
    variantId: size.id,
    size: sizeWords(size),
    ...splitMeasures(size.measures),
  })),
}));

/** Garments on the shelf that a wish asks for, with their sizes and what is known of their labels. */
export async function candidatesFor(db: Reader, wish: PullWish, now: Date): Promise<Candidate[]> {
  const known = await knownGarments(db, await pullCandidates(db, wish));
  const units = await unitsOnShelf(
    db,
    known.flatMap(({ sizes }) => sizes.map(({ id }) => id)),
  );
  const offsets = await labelOffsets(db, wish.shopId, [
    ...new Set(known.map(({ row }) => row.label).filter(Boolean)),
  ]);
  return known.map((each) => {
    const { row } = each;
    const { piece, sizes } = stillOf(each);
    return {
      piece,
      label: row.label,
      costMinor: row.costMinor ?? undefined,
      ageDays: Math.floor((now.getTime() - row.createdAt.getTime()) / DAY_MS),
      offset: offsets.get(labelKey(row.label, piece.category)),
      sizes: sizes.map(({ variantId, size, measures, origins }): SizeOffer => ({
        variantId,
        size,
        measures,
        origins,
        free: units.get(variantId) ?? 0,
      })),
    };
  });
}

/** A garment as it is in one of its sizes. */
export const inSize = (
  piece: Piece,
  { measures, origins }: Pick<SizeOffer, 'measures' | 'origins'>,
): Piece => ({
  ...piece,
  measures: { ...piece.measures, ...measures },
  origins: { ...piece.origins, ...origins },
});
