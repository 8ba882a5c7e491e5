import { pick, type Random, shuffled } from '../../chance';
import { NOBODY } from '../../client';
import type { Category, Piece } from '../../piece';
import { type Level, type Making, marginOf, type PracticeStock } from '../exercise';
import { rackOf } from '../rack';

/** Pieces asked for, how much dearer than another one has to be, and pieces nobody asked for. */
const ASKED = 3;
const SPREAD = 1.3;
const MORE = 2;
const TRIED = 120;
const ON_ONE_RACK = 20;
/** Times a usual rack. */
const WIDE = 3;

/** Three pieces are asked for and a budget is given: the one box that answers all within it. */
export function* budget(stock: PracticeStock, level: Level, random: Random): Making {
  const by = marginOf('budget', level);
  let rack = rackOf(stock, random, WIDE);
  for (let i = 1; i <= TRIED; i++) {
    yield;
    if (i % ON_ONE_RACK === 0) rack = rackOf(stock, random, WIDE);
    const kinds = shuffled(kindsOf(rack.pieces), random).slice(0, ASKED);
    if (kinds.length < ASKED) continue;
    const right = kinds.map(([, pieces]) => pick(cheaperOf(pieces), random) as Piece);
    const total = right.reduce((sum, { priceMinor = 0 }) => sum + priceMinor, 0);
    const limitMinor = Math.ceil((total * (1 + by)) / 100) * 100;
    // With any other piece of its kind the box costs clearly more than may be spent.
    const over = limitMinor * (1 + by) - total;
    const dearer = kinds.map(([, pieces], at) =>
      pick(
        pieces.filter(({ priceMinor = 0 }) => priceMinor >= (right[at]?.priceMinor ?? 0) + over),
        random,
      ),
    );
    const wrong = dearer.flatMap((piece) => (piece ? [piece] : []));
    if (wrong.length < ASKED) continue;
    const others = shuffled(
      rack.pieces.filter(
        ({ category, priceMinor }) => priceMinor && !kinds.some(([kind]) => kind === category),
      ),
      random,
    ).slice(0, MORE);
    const options = shuffled([...right, ...wrong, ...others], random);
    return {
      exercise: {
        kind: 'budget',
        matter: 'A',
        level,
        client: { ...NOBODY, measures: rack.measures },
        look: [],
        options: options.map((piece) => ({ is: 'piece', piece })),
        choosing: 'all of',
        asks: kinds.map(([kind]) => kind),
        limitMinor,
      },
      key: {
        right: right.map((piece) => options.indexOf(piece)).sort((a, b) => a - b),
        found: options.map(() => []),
        margin: by,
      },
    };
  }
  return undefined;
}

/** Kinds of which one piece is clearly dearer than another, with their priced pieces. */
function kindsOf(pieces: readonly Piece[]): [Category, Piece[]][] {
  const by = new Map<Category, Piece[]>();
  for (const piece of pieces)
    if (piece.priceMinor) by.set(piece.category, [...(by.get(piece.category) ?? []), piece]);
  return [...by].filter(([, all]) => {
    const prices = all.map(({ priceMinor = 0 }) => priceMinor);
    return Math.max(...prices) >= Math.min(...prices) * SPREAD;
  });
}

const cheaperOf = (pieces: readonly Piece[]): Piece[] =>
  [...pieces]
    .sort((a, b) => (a.priceMinor ?? 0) - (b.priceMinor ?? 0))
    .slice(0, Math.ceil(pieces.length / 2));
