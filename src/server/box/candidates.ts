import { bodyOf } from '@core/figure';
import { schoolsFor } from '@core/client';
import {
  asFit,
  chooseSize,
  type Fit,
  fitOf,
  type SizeOffer,
  type SizesForEffect,
  sizesForEffect,
} from '@core/fit';
import { memo } from '@core/memo';
import type { Piece } from '@core/piece';
import type { Candidate, RankSetting } from '@core/pull';
import { sizeWords } from '@core/stock';
import type { English } from '@core/words';
import type { Reader } from '@data/db';
import { type BoxRecord, occasionIdsOf } from '@data/box/boxes';
import { labelKey, labelOffsets, pastLines } from '@data/box/decisions';
import type { LineRecord } from '@data/box/lines';
import { closetOf } from '@data/client/closet';
import { occasionsOf } from '@data/client/occasions';
import { pieceOfGarment, pieceOfOwned, splitMeasures } from '@data/pieces';
import { pullCandidates, type PullWish, unitsOnShelf, versionOfSize } from '@data/stock/garments';
import { type GarmentVersion, type KnownGarment, knownGarments } from '@data/stock/known-garments';
import { clientOf } from '../client/profile';
import type { Actor, Context } from '../context';
import { shopOf } from '../shop/settings';
import { spentOn } from './lines';

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
  const owned = await closetOf(db, row.clientId);
  const chosen = await occasionIdsOf(db, row.id);
  const occasions = chosen.length > 0 ? await occasionsOf(db, row.clientId) : [];
  return {
    body: bodyOf(profile.measures),
    client: profile,
    shopSchools: shop.schools,
    leftMinor: row.budgetMinor === null ? undefined : row.budgetMinor - spentOn(lines),
    owned: owned.map(pieceOfOwned),
    inBox: lines.map(({ garment }) => garment.styleId),
    loved: owned.filter(({ loved }) => loved).map(({ id }) => `owned:${id}`),
    occasions: occasions.filter(({ id }) => chosen.includes(id)).map(({ occasion }) => occasion),
    past: await pastLines(db, row.clientId),
    settings: shop.pullSettings,
    small: smallNumbersOf(shop.english),
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
export const candidatesFor = async (db: Reader, wish: PullWish, now: Date): Promise<Candidate[]> =>
  candidatesOf(db, wish.shopId, await pullCandidates(db, wish), now);

/** Garments as candidates: their sizes with what is on the shelf, and what is known of their labels. */
export async function candidatesOf(
  db: Reader,
  shopId: string,
  wanted: readonly GarmentVersion[],
  now: Date,
): Promise<Candidate[]> {
  const known = await knownGarments(db, wanted);
  const units = await unitsOnShelf(
    db,
    known.flatMap(({ sizes }) => sizes.map(({ id }) => id)),
  );
  const offsets = await labelOffsets(db, shopId, [
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

/** How a size of the shop's fits the client of a box, said as the list would say it where it would choose that size. */
export async function fitInBox(
  context: Context,
  row: BoxRecord,
  variantId: string,
  effect?: Fit['effect'],
): Promise<Fit | null> {
  const asked = await sizesInBox(context, row, variantId);
  const offer = asked?.sizes.find((each) => each.variantId === variantId);
  if (!asked || !offer) return null;
  const { piece, sizes, body, choosing } = asked;
  const choice = chooseSize(piece, sizes, body, choosing);
  const isCut = choice?.offer.variantId === variantId;
  const fit = asFit(isCut ? choice : fitOf(piece, offer, body, choosing.offset, choosing.small));
  return effect && !isCut ? { ...fit, effect } : fit;
}

/** The garment of a size, its sizes on the shelf, and what a size is chosen by for the client of a box. */
async function sizesInBox({ tx, actor, now }: Context, row: BoxRecord, variantId: string) {
  const version = await versionOfSize(tx, actor.shopId, variantId);
  const [candidate] = await candidatesOf(tx, actor.shopId, version, now);
  if (!candidate) return undefined;
  const shop = await shopOf(tx, actor.shopId);
  const { profile } = await clientOf(tx, actor.shopId, row.clientId);
  const { piece, sizes, offset } = candidate;
  const { size: school } = schoolsFor(profile, shop.schools);
  return {
    piece,
    sizes,
    body: bodyOf(profile.measures),
    choosing: { school, offset, small: smallNumbersOf(shop.english) },
  };
}

/** The size for each way a piece may be meant to sit on the client of a box, the one that is held among those that are free. */
export async function effectsInBox(
  context: Context,
  row: BoxRecord,
  variantId: string,
): Promise<(SizesForEffect & { readonly piece: Piece }) | undefined> {
  const asked = await sizesInBox(context, row, variantId);
  if (!asked) return undefined;
  const { piece, sizes, body, choosing } = asked;
  const own = sizes.map((each) => (each.variantId === variantId ? { ...each, free: each.free + 1 } : each));
  return { piece, ...sizesForEffect(piece, own, body, choosing) };
}

/** What a small bare number on a label counts by in a shop: an American one's 12 is not a British one's. */
export const smallNumbersOf = (english: English): 'UK' | 'US' => (english === 'american' ? 'US' : 'UK');
