import { deltaEHex, isCalled } from '../colour';
import type { Cut, Piece } from '../piece';
import { cutOf, wear } from '../piece';
import { type Ask, kindsWanted, lengthWordOf, type NamedColour } from '../reading';
import type { Profile } from '../client';
import { contentOf } from '../substances';
import type { WhyLeftOut } from './left-out';
import type { Said } from './reasons';

/** ΔE of the nearest of some colours to what is seen of a piece; Infinity without colours. */
export function nearestTo(piece: Piece, hexes: readonly string[]): number {
  const main = piece.colours.filter((swatch) => swatch.share >= 0.15);
  return Math.min(Infinity, ...hexes.flatMap((hex) => main.map((swatch) => deltaEHex(hex, swatch.hex))));
}

/** ΔE within which a colour is liked, and within which it is one that is avoided. */
export const LIKED = 14;
export const AVOIDED = 10;

/** This much of a piece is in the colour that was asked for: a blue shirt with a purple stripe is a blue shirt. */
const MAINLY = 0.4;

export const isInColour = (piece: Piece, colour: NamedColour): boolean =>
  piece.colours.filter((swatch) => isCalled(swatch.hex, colour)).reduce((sum, { share }) => sum + share, 0) >=
  MAINLY;

/** True for a piece in one of the colours an ask names, or of an ask that names none. */
export const isAsColoured = (piece: Piece, { colours }: Pick<Ask, 'colours'>): boolean =>
  (colours ?? []).length === 0 || (colours ?? []).some((colour) => isInColour(piece, colour));

/** True for a piece of the kind and the colour an ask names; an ask that names neither is answered by no piece. */
export function answersAsk(piece: Piece, ask: Ask): boolean {
  const kinds = kindsWanted(ask);
  if (kinds.length === 0 && (ask.colours ?? []).length === 0) return false;
  return (
    (kinds.length === 0 || kinds.includes(piece.category)) &&
    isAsColoured(piece, ask) &&
    refusedByAsk(piece, ask) === undefined
  );
}

/** Told as the guard tells it: "merino" is wool, polyester a synthetic, imitation leather no leather. */
const isOf = (piece: Piece, fibre: string): boolean => contentOf(piece, fibre).says === 'holds';

/** True where a garment hangs on a rail that a client does not shop; what nobody said hangs on every rail. */
export const isOtherRail = (
  { department: own }: Pick<Piece, 'department'>,
  department: Profile['department'],
): boolean => Boolean(own && department && own !== 'both' && department !== 'both' && own !== department);

/** What an ask rules out, strictly: a "not", a heel above what was said, the other department; or undefined. */
export function refusedByAsk(piece: Piece, ask: Ask): WhyLeftOut | undefined {
  const notWanted = (what: string): WhyLeftOut => ({ code: 'not-wanted', params: { what } });
  if (ask.notKinds?.includes(piece.category)) return notWanted('this kind');
  const colour = ask.notColours?.find((named) =>
    piece.colours.some(({ hex, share }) => share >= 0.15 && isCalled(hex, named)),
  );
  if (colour) return notWanted(colour.name);
  if (ask.notPatterns?.includes(piece.pattern.kind)) return notWanted(piece.pattern.kind);
  if (ask.notTextures?.includes(piece.fabric.texture)) return notWanted(piece.fabric.texture);
  const fibre = ask.notFibres?.find((each) => isOf(piece, each));
  if (fibre) return notWanted(fibre);
  for (const [field, value] of Object.entries(ask.notCut ?? {}))
    if (cutOf(piece, field as keyof Cut) === value)
      return notWanted(field === 'sleeve' && value === 'none' ? 'sleeveless' : String(value));
  if (ask.notLength !== undefined && lengthWordOf(piece) === ask.notLength) return notWanted(ask.notLength);
  const heel = piece.measures.heel;
  if (ask.heelMaxMm !== undefined && heel !== undefined && heel > ask.heelMaxMm)
    return { code: 'heel-over-ask' };
  return isOtherRail(piece, ask.department) ? otherRail(piece) : undefined;
}

/** Why a piece of another rail than is shopped is left out. */
export const otherRail = ({ department }: Pick<Piece, 'department'>): WhyLeftOut => ({
  code: 'other-rail',
  params: { rail: department ?? 'other' },
});

/** Something an ask says of a piece: how much of the ask's points it gives or takes. */
export type AskRemark = Said & { readonly part: number };

/** How a piece answers somebody who wants to iron nothing. */
const IRONED: Readonly<Record<NonNullable<Piece['ironing']>, AskRemark>> = {
  none: { code: 'no-iron', part: 0.15 },
  steam: { code: 'steams', part: -0.1 },
  press: { code: 'irons', part: -0.2 },
};

/** How a piece answers an ask, point by point. Parts are working values of the trade, no source. */
export function answerTo(piece: Piece, ask: Ask): AskRemark[] {
  const said: AskRemark[] = [];
  const say = (part: number, what: Said): void => void said.push({ ...what, part });
  const yesOrNo = (holds: boolean, yes: number, whenYes: Said, no: number, whenNo: Said): void =>
    holds ? say(yes, whenYes) : say(no, whenNo);
  const kinds = kindsWanted(ask);
  if (kinds.length > 0 && kinds.includes(piece.category)) say(0.45, { code: 'kind' });
  const asked = ask.colours ?? [];
  const named = asked.find((colour) => isInColour(piece, colour));
  if (named) say(0.4, { code: 'as-coloured', params: { name: named.name } });
  else if (asked.length > 0)
    say(-0.4, { code: 'not-coloured', params: { names: asked.map(({ name }) => name) } });
  for (const name of ask.patterns ?? [])
    if (name === 'solid')
      yesOrNo(piece.pattern.kind === name, 0.2, { code: 'plain' }, -0.2, { code: 'not-plain' });
    else
      yesOrNo(piece.pattern.kind === name, 0.2, { code: 'pattern', params: { name } }, -0.2, {
        code: 'no-pattern',
        params: { name },
      });
  for (const name of ask.textures ?? [])
    yesOrNo(piece.fabric.texture === name, 0.24, { code: 'texture', params: { name } }, -0.2, {
      code: 'not-texture',
      params: { name },
    });
  for (const name of ask.fibres ?? [])
    if (piece.fabric.fibres.length > 0)
      yesOrNo(isOf(piece, name), 0.24, { code: 'fibre', params: { name } }, -0.2, {
        code: 'no-fibre',
        params: { name },
      });
  for (const [field, value] of Object.entries(ask.cut ?? {})) {
    const own = cutOf(piece, field as keyof Cut);
    if (own !== undefined) yesOrNo(own === value, 0.15, { code: 'cut' }, -0.12, { code: 'other-cut' });
  }
  const length = ask.length && lengthWordOf(piece);
  if (length !== undefined)
    yesOrNo(length === ask.length, 0.2, { code: 'length', params: { name: length } }, -0.25, {
      code: 'other-length',
      params: { name: length },
    });
  if (ask.volume && piece.volume === ask.volume) say(0.1, { code: 'volume' });
  if (ask.cover && ask.cover.length > 0) {
    const { covers } = wear(piece);
    const isCovered = ask.cover.every((zone) => covers.has(zone));
    yesOrNo(isCovered, 0.2, { code: 'covers' }, -0.4, { code: 'bares' });
  }
  for (const care of ask.care ?? []) {
    if (care === 'waterproof')
      yesOrNo(piece.facts.waterproof === true, 0.24, { code: 'waterproof' }, -0.12, {
        code: 'not-waterproof',
      });
    else if (care === 'noIron') {
      // What nobody entered answers no ask, either way.
      if (piece.ironing !== undefined) said.push(IRONED[piece.ironing]);
    } else if (piece.care !== undefined)
      yesOrNo(
        piece.care === care || (care === 'hand' && piece.care === 'machine'),
        0.18,
        { code: care === 'machine' ? 'machine' : 'care' },
        -0.18,
        { code: care === 'machine' ? 'not-machine' : 'other-care' },
      );
  }
  if (ask.season)
    yesOrNo(piece.seasons.includes(ask.season), 0.1, { code: 'season', params: { name: ask.season } }, -0.2, {
      code: 'not-season',
      params: { name: ask.season },
    });
  if (ask.formality !== undefined)
    yesOrNo(Math.abs(piece.formality - ask.formality) <= 1.5, 0.1, { code: 'formality' }, -0.1, {
      code: 'other-formality',
    });
  const price = piece.priceMinor ?? 0;
  if (ask.priceMaxMinor !== undefined && price > ask.priceMaxMinor) say(-0.36, { code: 'over-ask' });
  if (ask.priceMinMinor !== undefined && price < ask.priceMinMinor) say(-0.12, { code: 'below-ask' });
  return said;
}
