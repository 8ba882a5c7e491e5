import { deltaEHex, isCalled } from '../colour';
import type { Cut, Piece } from '../piece';
import { needsNoIron, wear } from '../piece';
import { type Ask, kindsWanted, type NamedColour } from '../reading';
import type { Profile } from '../client';
import { meets } from '../substances';

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

const fibresOf = (piece: Piece): string => piece.fabric.fibres.map(({ name }) => name).join(', ');
const isOf = (piece: Piece, fibre: string): boolean =>
  meets(fibresOf(piece), fibre) === 'holds' || fibresOf(piece).includes(fibre);

/** True where a garment hangs on a rail that a client does not shop; what nobody said hangs on every rail. */
export const isOtherRail = (
  { department: own }: Pick<Piece, 'department'>,
  department: Profile['department'],
): boolean => Boolean(own && department && own !== 'both' && department !== 'both' && own !== department);

/** What an ask rules out, strictly: a "not", a heel above what was said, the other department. In words, or undefined. */
export function refusedByAsk(piece: Piece, ask: Ask): string | undefined {
  if (ask.notKinds?.includes(piece.category)) return 'Not wanted: this kind';
  const colour = ask.notColours?.find((named) =>
    piece.colours.some(({ hex, share }) => share >= 0.15 && isCalled(hex, named)),
  );
  if (colour) return `Not wanted: ${colour.name}`;
  if (ask.notPatterns?.includes(piece.pattern.kind)) return `Not wanted: ${piece.pattern.kind}`;
  if (ask.notTextures?.includes(piece.fabric.texture)) return `Not wanted: ${piece.fabric.texture}`;
  const fibre = ask.notFibres?.find((each) => isOf(piece, each));
  if (fibre) return `Not wanted: ${fibre}`;
  for (const [field, value] of Object.entries(ask.notCut ?? {}))
    if (piece.cut[field as keyof Cut] === value)
      return `Not wanted: ${field === 'sleeve' && value === 'none' ? 'sleeveless' : String(value)}`;
  const heel = piece.measures.heel;
  if (ask.heelMaxMm !== undefined && heel !== undefined && heel > ask.heelMaxMm)
    return 'A higher heel than was asked for';
  if (isOtherRail(piece, ask.department)) return `From the ${piece.department}’s rail`;
  return undefined;
}

/** Something an ask says of a piece: how much of the ask's points it gives or takes, and in words. */
export interface AskRemark {
  readonly part: number;
  readonly says: string;
}

/** How a piece answers an ask, point by point. Parts are working values of the trade, no source. */
export function answerTo(piece: Piece, ask: Ask): AskRemark[] {
  const said: AskRemark[] = [];
  const say = (holds: boolean, gives: number, yes: string, takes = 0, no = ''): void => {
    if (holds) said.push({ part: gives, says: yes });
    else if (takes !== 0) said.push({ part: takes, says: no });
  };
  const kinds = kindsWanted(ask);
  if (kinds.length > 0 && kinds.includes(piece.category))
    said.push({ part: 0.45, says: 'The kind asked for' });
  const named = (ask.colours ?? []).find((colour) => isInColour(piece, colour));
  if (named) said.push({ part: 0.4, says: `In ${named.name}, as asked` });
  else if (ask.colours?.[0])
    said.push({ part: -0.4, says: `Not in ${ask.colours.map(({ name }) => name).join(' or ')}` });
  for (const pattern of ask.patterns ?? [])
    say(
      piece.pattern.kind === pattern,
      0.2,
      pattern === 'solid' ? 'Plain, as asked' : `The ${pattern} asked for`,
      -0.2,
      pattern === 'solid' ? 'Patterned' : `No ${pattern}`,
    );
  for (const texture of ask.textures ?? [])
    say(piece.fabric.texture === texture, 0.24, `In ${texture}, as asked`, -0.2, `Not ${texture}`);
  for (const fibre of ask.fibres ?? [])
    if (piece.fabric.fibres.length > 0)
      say(isOf(piece, fibre), 0.24, `In ${fibre}, as asked`, -0.2, `No ${fibre}`);
  for (const [field, value] of Object.entries(ask.cut ?? {})) {
    const own = piece.cut[field as keyof Cut];
    if (own !== undefined) say(own === value, 0.15, 'Cut as asked', -0.12, 'Another cut than was asked for');
  }
  if (ask.volume) say(piece.volume === ask.volume, 0.1, 'As loose or close as asked');
  if (ask.cover && ask.cover.length > 0) {
    const { covers } = wear(piece);
    say(
      ask.cover.every((zone) => covers.has(zone)),
      0.2,
      'Covers what was asked',
      -0.4,
      'Leaves bare what should be covered',
    );
  }
  for (const care of ask.care ?? []) {
    if (care === 'waterproof')
      say(piece.facts.waterproof === true, 0.24, 'Fine in the wet', -0.12, 'Not for wet weather');
    else if (care === 'noIron') say(needsNoIron(piece), 0.15, 'No ironing needed', -0.12, 'Needs ironing');
    else if (piece.care !== undefined)
      say(
        piece.care === care || (care === 'hand' && piece.care === 'machine'),
        0.18,
        care === 'machine' ? 'Machine washable' : 'Cared for as asked',
        -0.18,
        care === 'machine' ? 'Not machine washable' : 'Wants other care',
      );
  }
  if (ask.season)
    say(piece.seasons.includes(ask.season), 0.1, `For ${ask.season}`, -0.2, `Not for ${ask.season}`);
  if (ask.formality !== undefined)
    say(
      Math.abs(piece.formality - ask.formality) <= 1.5,
      0.1,
      'As dressed up as asked',
      -0.1,
      'More or less dressed up than was asked',
    );
  const price = piece.priceMinor ?? 0;
  if (ask.priceMaxMinor !== undefined && price > ask.priceMaxMinor)
    said.push({ part: -0.36, says: 'Over what the ask may cost' });
  if (ask.priceMinMinor !== undefined && price < ask.priceMinMinor)
    said.push({ part: -0.12, says: 'Below the price given' });
  return said;
}
