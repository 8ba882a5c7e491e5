import { lab, type Lab } from '../colour';
import { CATEGORY, type Piece } from '../piece';

/**
 * How far two looks are apart, 0 (the same) to 1. Half counts which pieces they share, pinned ones left out; then how
 * what they share is worn, how dressed up they are, the colours of their clothes, and their seasons. Working values of
 * the trade, no source: a stylist's "different" is first another piece.
 */
const PARTS = { pieces: 0.5, ways: 0.15, colour: 0.15, formality: 0.12, season: 0.08 } as const;

/** Formality apart from which two looks are for different doors, and how far apart in CIELAB two are of different colours. */
const FORMALITY_APART = 3;
const COLOUR_APART = 35;

/** What of a look its distance to others depends on, worked out once. */
export interface LookFacts {
  /** Ids of its pieces but for the pinned ones. */
  readonly free: ReadonlySet<string>;
  /** Way of wearing of each of its pieces by id. */
  readonly ways: ReadonlyMap<string, string>;
  readonly formality: number;
  /** Mean of its clothes' colours by share, CIELAB. */
  readonly colour: Lab;
  readonly seasons: ReadonlySet<string>;
}

/** Clothes, layers and shoes: what a look is told by. */
export const isCloth = ({ category }: Piece): boolean =>
  CATEGORY[category].main || CATEGORY[category].slot === 'layer' || CATEGORY[category].slot === 'shoes';

export function factsOf(pieces: readonly Piece[], pins: ReadonlySet<string>): LookFacts {
  const clothes = pieces.filter(isCloth);
  const of = clothes.length > 0 ? clothes : pieces;
  const sum = { l: 0, a: 0, b: 0 };
  for (const { colours } of of)
    for (const { hex, share } of colours) {
      const colour = lab(hex);
      sum.l += colour.l * share;
      sum.a += colour.a * share;
      sum.b += colour.b * share;
    }
  const count = Math.max(1, of.length);
  return {
    free: new Set(pieces.map(({ id }) => id).filter((id) => !pins.has(id))),
    ways: new Map(pieces.map(({ id, mode }) => [id, mode ?? ''])),
    formality: of.reduce((total, { formality }) => total + formality, 0) / count,
    colour: { l: sum.l / count, a: sum.a / count, b: sum.b / count },
    seasons: new Set(of.flatMap(({ seasons }) => seasons)),
  };
}

function shared(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  let both = 0;
  for (const each of a) if (b.has(each)) both++;
  const all = a.size + b.size - both;
  return all === 0 ? 1 : both / all;
}

/** A mean of colours is no colour to be matched: how far apart in plain CIELAB is enough, and quick. */
const labApart = (a: Lab, b: Lab): number => Math.hypot(a.l - b.l, a.a - b.a, a.b - b.b);

/** The distance of two looks, 0 to 1; the same both ways round. */
export function lookDistance(a: LookFacts, b: LookFacts): number {
  let both = 0;
  let other = 0;
  for (const [id, way] of a.ways) {
    const its = b.ways.get(id);
    if (its === undefined) continue;
    both++;
    if (its !== way) other++;
  }
  return (
    PARTS.pieces * (1 - shared(a.free, b.free)) +
    PARTS.ways * (both === 0 ? 0 : other / both) +
    PARTS.colour * Math.min(1, labApart(a.colour, b.colour) / COLOUR_APART) +
    PARTS.formality * Math.min(1, Math.abs(a.formality - b.formality) / FORMALITY_APART) +
    PARTS.season * (1 - shared(a.seasons, b.seasons))
  );
}
