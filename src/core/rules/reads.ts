import type { Worn, Zone } from '../piece';
import type { ColourFacts } from './fields';
import type { Scene } from './scene';

/** What is the same for every look of a pool. */
export interface Given extends Pick<Scene, 'body' | 'marks' | 'client' | 'occasion' | 'schools' | 'budget'> {
  /** Zones a piece covers on this body. */
  readonly coverOf: (worn: Worn) => ReadonlySet<Zone>;
}

/**
 * What a rule reads of a look, so that its answer may be remembered by it (`core/look/pool.ts`). Two looks of which it
 * reads the same get the same points, in whatever order their pieces come; a property test holds every rule to that.
 */
export interface Reads {
  /** What it reads of a piece in any case: a plain value, or the piece itself where all of it counts. Undefined: nothing. */
  readonly of?: (worn: Worn) => unknown;
  /** Visible shares from which a colour of the piece counts; how much it takes beyond them is not read. */
  readonly fields?: (hex: string) => readonly number[];
  /** The same for the piece as a whole. */
  readonly own?: readonly number[];
  /** What it reads besides of a piece that reaches one of those shares, or of which a colour does. Undefined: nothing. */
  readonly seen?: (worn: Worn) => unknown;
  /** True: what it says of a look is what it says of each piece alone. */
  readonly alone?: boolean;
  /** It is silent unless a piece is such. */
  readonly needs?: (worn: Worn) => boolean;
  /** It is silent as soon as a piece is such. */
  readonly silencedBy?: (worn: Worn) => boolean;
}

/** How often a rule says each tone of a look. */
export interface Tally {
  works: number;
  note: number;
  fights: number;
  blocks: number;
}

/** Some of a pool, as places in it: only the first `count` of them. */
export interface Picked {
  readonly picks: Int32Array;
  readonly count: number;
}

/** All of a few pieces, as a pool of their own: a rule's readable path asks the same finder as the pool does. */
export const wholeOf = (pieces: readonly Worn[]): Picked => ({
  picks: Int32Array.from(pieces.keys()),
  count: pieces.length,
});

/** A look of a pool, in the order of the ids. Its arrays are used again for the next look. */
export interface PoolLook extends Picked {
  /** Visible share of each pick. */
  readonly shares: Float64Array;
  /** Colours that take at least so much of what is seen, in the order of the picks. */
  readonly reached: (least: number) => ColourFacts[];
}

/** Counts what a rule says of a look into `says`, which stands at zero. */
export type Count = (look: PoolLook, says: Tally) => void;

/**
 * A rule that hardly reads the same twice, because all pieces meet all: it works out what it can for the pool once and
 * counts what it says of each look.
 */
export interface Tallies {
  readonly tally: (pool: readonly Worn[]) => Count;
}

/** One byte for every pair of a pool, row by row. */
export function pairTable(pool: readonly Worn[], is: (a: Worn, b: Worn) => boolean): Uint8Array {
  const table = new Uint8Array(pool.length ** 2);
  pool.forEach((a, i) => pool.forEach((b, j) => (table[i * pool.length + j] = is(a, b) ? 1 : 0)));
  return table;
}

/** With how many of a look the piece at `place` of it is paired. */
export function metIn(table: Uint8Array, size: number, { picks, count }: Picked, place: number): number {
  const row = (picks[place] as number) * size;
  let sum = 0;
  for (let j = 0; j < count; j++) sum += table[row + (picks[j] as number)] as number;
  return sum;
}

/** `nothing`: silent in this setting, whatever the look. `everything`: nothing is remembered. */
export type Reading = Reads | Tallies | 'nothing' | 'everything';

/** Smallest number above a positive one: `area > t` is `area ≥ above(t)`. */
export function above(value: number): number {
  const bits = new BigInt64Array(new Float64Array([value]).buffer);
  bits[0] = (bits[0] ?? 0n) + 1n;
  return new Float64Array(bits.buffer)[0] ?? value;
}

/** Heel of the look's shoes: all that a hem reads of them. */
export const heelOf = (worn: Worn): number | undefined =>
  worn.slot === 'shoes' ? (worn.measures.heel ?? 0) : undefined;

/** The pieces of these slots, whole. */
export const wholeIn =
  (...slots: readonly Worn['slot'][]) =>
  (worn: Worn): Worn | undefined =>
    slots.includes(worn.slot) ? worn : undefined;

/** Rules that speak of every piece by itself. */
export const ALONE: Reads = { alone: true };
