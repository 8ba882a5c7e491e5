import { cutsApart } from '../closet';
import { chroma, colourName, deltaEHex, lab } from '../colour';
import { baredBy } from '../guard';
import type { Profile } from '../client';
import { isMicro, type Piece } from '../piece';
import { coded, type CodedBy, HOUSE_TONGUE, saidOf, spelt, type Tongue } from '../words';
import { AVOIDED, LIKED, nearestTo } from './ask';

/** What a client may have against a piece; a safer one is safer on this axis. */
export type Axis = 'bright' | 'bare' | 'cloth' | 'patterned' | 'bold';

const AXIS_WORDS: Readonly<Record<Axis, string>> = {
  bright: 'too bright',
  bare: 'too bare',
  cloth: 'too much cloth',
  patterned: 'too patterned',
  bold: 'too bold',
};

/** What is held against a piece, code by code. */
const words = coded({
  'off-card': ({ colour }: { colour: string }, tongue) =>
    spelt(`${colour} is not on the colour card`, tongue),
  strong: (_, tongue) => spelt('a strong colour for a quiet client', tongue),
  bare: () => 'it leaves bare what the client keeps covered',
  waist: () => 'it hides the waist',
  patterned: () => 'it is patterned, and the client prefers plain cloth',
  bold: () => 'it draws more attention than the client likes',
});

export interface Objection {
  readonly axis: Axis;
  readonly why: CodedBy<typeof words>;
  /** How far along the axis the piece is; a safer one is at least a step lower. */
  readonly amount: number;
}

/** "too bright: a strong colour for a quiet client". */
export const objectionWords = ({ axis, why }: Objection, tongue: Tongue = HOUSE_TONGUE): string =>
  `${AXIS_WORDS[axis]}: ${saidOf(words, why, tongue)}`;

const BRIGHT_CHROMA = 45;
const STATEMENT_MOST = { quiet: 1, one: 3, bold: 5 } as const;

const chromaOf = (piece: Piece): number =>
  Math.max(0, ...piece.colours.filter(({ share }) => share >= 0.15).map(({ hex }) => chroma(lab(hex))));
const patternOf = (piece: Piece): number =>
  isMicro(piece) ? 0 : piece.pattern.contrast * Math.min(1, piece.pattern.repeatMm / 80) + 0.1;
const VOLUME = { close: 0, easy: 1, full: 2 } as const;

/** How far a piece is along an axis, for this client. */
function along(axis: Axis, piece: Piece, client: Profile): number {
  switch (axis) {
    case 'bright':
      return chromaOf(piece);
    case 'bare':
      return baredBy(piece, client).length;
    case 'cloth':
      return VOLUME[piece.volume];
    case 'patterned':
      return patternOf(piece);
    case 'bold':
      return Math.max(piece.statement, piece.edge);
  }
}

/** What this client's appetite and colour card have against a piece; empty when nothing. */
export function objectionsTo(piece: Piece, client: Profile): Objection[] {
  const { appetite, colourCard, goals } = client;
  const at = (axis: Axis, why: Objection['why']): Objection => ({
    axis,
    why,
    amount: along(axis, piece, client),
  });
  const found: Objection[] = [];
  const refused = nearestTo(piece, [...colourCard.avoid, ...colourCard.never]) < AVOIDED;
  const loud = appetite.statement === 'quiet' && chromaOf(piece) > BRIGHT_CHROMA;
  const liked = nearestTo(piece, colourCard.like) < LIKED;
  if (refused || (loud && !liked))
    found.push(
      at(
        'bright',
        refused
          ? { code: 'off-card', params: { colour: colourName(piece.colours[0]?.hex ?? '#000000') } }
          : { code: 'strong' },
      ),
    );
  if (baredBy(piece, client).length > 0) found.push(at('bare', { code: 'bare' }));
  if (piece.volume === 'full' && goals.includes('defined-waist')) found.push(at('cloth', { code: 'waist' }));
  if (appetite.pattern === 'none' && patternOf(piece) > 0) found.push(at('patterned', { code: 'patterned' }));
  const most = appetite.statement ? STATEMENT_MOST[appetite.statement] : Infinity;
  if (piece.statement > most || piece.edge > (appetite.edge ?? Infinity) + 1)
    found.push(at('bold', { code: 'bold' }));
  return found;
}

/** A garment of the stock in the client's size, to put in place of another. */
export interface Swap {
  readonly piece: Piece;
}

export interface Alternatives<S extends Swap> {
  /** Nearly the same for less. */
  readonly cheaper?: S | undefined;
  /** Safer on the axis of an objection. */
  readonly safer?: (S & { readonly objection: Objection }) | undefined;
  /** The same style in another colour. */
  readonly colours: readonly S[];
  /** The most like it, whatever it costs. */
  readonly nearest?: S | undefined;
}

/** So much less is worth saying. */
const CHEAPER_SHARE = 0.9;
const COLOURS_SHOWN = 4;

/** How unlike two pieces of a kind are; 0 is the same. One unit is about what a client would name. */
function unlike(a: Piece, b: Piece): number {
  const [one, other] = [a.colours[0]?.hex, b.colours[0]?.hex];
  const colour = one !== undefined && other !== undefined ? deltaEHex(one, other) / 20 : 1;
  return (
    colour +
    cutsApart(a, b) * 0.5 +
    Math.abs(a.formality - b.formality) * 0.4 +
    (a.volume === b.volume ? 0 : 0.6) +
    (a.pattern.kind === b.pattern.kind ? 0 : 0.7) +
    (a.fabric.texture === b.fabric.texture ? 0 : 0.3)
  );
}
const NEARLY_SAME = 1.6;

/**
 * What could go in place of a piece: cheaper for nearly the same, safer where the client objects, the same style in
 * another colour. `stock` holds what is on the shelf in a size that fits.
 */
export function alternativesTo<S extends Swap>(
  { piece }: Swap,
  stock: readonly S[],
  client: Profile,
): Alternatives<S> {
  const near = stock
    .filter((each) => each.piece.id !== piece.id && each.piece.category === piece.category)
    .map((each) => ({ each, apart: unlike(piece, each.piece) }))
    .sort((a, b) => a.apart - b.apart || (a.each.piece.id < b.each.piece.id ? -1 : 1));
  const most = (piece.priceMinor ?? 0) * CHEAPER_SHARE;
  const cheaper = near.find(
    ({ each, apart }) => (each.piece.priceMinor ?? Infinity) <= most && apart < NEARLY_SAME,
  );
  const [objection] = objectionsTo(piece, client);
  const safer = objection && near.find(({ each }) => isSafer(each.piece, objection, client));
  const ofStyle = near.filter(
    ({ each }) => piece.styleId !== undefined && each.piece.styleId === piece.styleId,
  );
  return {
    cheaper: cheaper?.each,
    safer: safer && { ...safer.each, objection },
    colours: ofStyle.slice(0, COLOURS_SHOWN).map(({ each }) => each),
    nearest: near[0]?.each,
  };
}

/** Nothing is held against it at all, and on the axis it is lower. */
const isSafer = (piece: Piece, { axis, amount }: Objection, client: Profile): boolean =>
  objectionsTo(piece, client).length === 0 && along(axis, piece, client) < amount;
