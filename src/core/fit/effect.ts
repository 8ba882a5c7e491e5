import type { Body } from '../figure';
import { modesOf, type Piece, wear } from '../piece';
import { chooseSize, type Choosing, fitOf, sameGirth, type SizeChoice, type SizeOffer } from './choose';
import { wearable } from './fit';

/** How a piece is to sit, chosen for one line: a boxy jacket a size down, a swinging one up. */
export type FitEffect = 'closer' | 'as cut' | 'looser';

/** The sizes on the shelf that give each effect; `as cut` is the size that would be sent anyway. */
export interface SizesForEffect {
  readonly sizes: { readonly [effect in FitEffect]?: SizeChoice | undefined };
  /** Cloth that is tied or wrapped round: in another size it ties badly, so only the true one is offered. */
  readonly isTied: boolean;
}

const isTied = (piece: Piece): boolean => {
  const { effects } = wear({ ...piece, mode: modesOf(piece)[0]?.id });
  return piece.cut.waistDetail === 'tie' || effects.tied !== undefined || effects.wrapped !== undefined;
};

/**
 * The size for each way a piece may be meant to sit: the nearest on the closer and on the looser side of the one that is cut for
 * this body, as long as it may be worn. Common practice, no source. A size of the same girth (another length) is no effect.
 */
export function sizesForEffect(
  piece: Piece,
  sizes: readonly SizeOffer[],
  body: Body,
  choosing: Choosing = {},
): SizesForEffect {
  const cut = chooseSize(piece, sizes, body, choosing);
  const tied = isTied(piece);
  if (!cut || tied) return { sizes: { 'as cut': cut }, isTied: tied };
  const others = sizes
    .filter(({ free, variantId }) => free > 0 && variantId !== cut.offer.variantId)
    .map((offer): SizeChoice => ({
      offer,
      ...fitOf(piece, offer, body, choosing.offset, choosing.small),
    }))
    .filter((each) => wearable(each) && each.point !== undefined && !sameGirth(each, cut));
  const nearest = (side: -1 | 1, effect: 'closer' | 'looser'): SizeChoice | undefined => {
    const [first] = others
      .filter(({ off }) => Math.sign(off - cut.off) === side)
      .sort((a, b) => Math.abs(a.off - cut.off) - Math.abs(b.off - cut.off));
    return first && { ...first, effect };
  };
  return {
    sizes: { closer: nearest(-1, 'closer'), 'as cut': cut, looser: nearest(1, 'looser') },
    isTied: tied,
  };
}
