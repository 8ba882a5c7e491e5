import type { Worn } from '../../piece';
import { above, type Reads } from '../../rules/reads';

/** Two words that stand for what a rule reads of a piece; zeros: nothing. Those of a look are added up. */
export type Code = readonly [a: number, b: number];
const NOTHING: Code = [0, 0];

/** Hands out a code for each different value; equal values get equal codes. */
export class Codes {
  private readonly known = new Map<string, Code>();

  constructor(private readonly pool: readonly Worn[]) {}

  /** `value` is plain data, or a piece of the pool. */
  of(value: unknown): Code {
    const place = this.pool.indexOf(value as Worn);
    const key = place >= 0 ? `piece ${place}` : JSON.stringify(value);
    let code = this.known.get(key);
    if (!code)
      this.known.set(key, (code = [scattered(this.known.size * 2 + 1), scattered(this.known.size * 2 + 2)]));
    return code;
  }
}

/** A word whose bits look drawn by lot (the finishing steps of MurmurHash3). */
function scattered(number: number): number {
  let word = Math.imul(number, 0x9e3779b1);
  word = Math.imul(word ^ (word >>> 16), 0x85ebca6b);
  word = Math.imul(word ^ (word >>> 13), 0xc2b2ae35);
  return (word ^ (word >>> 16)) | 1;
}

/**
 * The word of the second, third … piece of a slot: told from the first one's, because a rule that takes one piece of a
 * slot takes the first. Scattered anew, so that it is no sum of other words.
 */
export const ranked = (word: number, rank: number): number =>
  rank === 0 || word === 0 ? word : scattered(word + rank);

/** What a rule reads of a piece by the visible share it takes: from each of `from` on, the code of the same place. */
export interface Steps {
  readonly from: readonly number[];
  readonly codes: readonly Code[];
}

/** What a rule reads of a piece, share by share; one step from 0 on where it reads no shares. */
export function stepsOf({ of, seen, fields, own = [] }: Reads, worn: Worn, codes: Codes): Steps {
  const value = of?.(worn);
  const fixed = value === undefined ? NOTHING : codes.of(value);
  const more = seen?.(worn);
  if (more === undefined) return { from: [0], codes: [fixed] };
  const shown = codes.of(more);
  const colours = worn.seen.map((swatch) => ({ ...swatch, from: fields?.(swatch.hex) ?? [] }));
  const from = [
    ...new Set([
      0,
      ...own,
      ...colours.flatMap(({ share, from: least }) => least.map((each) => leastArea(each, share))),
    ]),
  ].sort((x, y) => x - y);
  return {
    from,
    codes: from.map((area) => {
      const reached = colours.flatMap(({ hex, share, from: least }) => {
        const steps = least.filter((each) => area * share >= each).length;
        return steps > 0 ? [[hex, steps]] : [];
      });
      const whole = own.filter((least) => area >= least).length;
      return reached.length === 0 && whole === 0 ? fixed : codes.of([fixed, shown, reached, whole]);
    }),
  };
}

/** Smallest share of a piece at which a colour that takes `share` of it reaches `least`, exactly as they are multiplied. */
function leastArea(least: number, share: number): number {
  if (share <= 0) return Number.POSITIVE_INFINITY;
  let area = (least / share) * (1 - 1e-15);
  while (area * share < least) area = above(area);
  return area;
}
