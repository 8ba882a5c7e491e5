import { deltaE } from './delta-e';
import { lab } from './lab';

const MOST_KEPT = 4000;
const known = new Map<string, Map<string, number>>();

/** CIEDE2000 of two sRGB hexes. Kept, row by row: the pieces of a pool meet in the same pairs of colours again and again. */
export function deltaEHex(one: string, other: string): number {
  let row = known.get(one);
  if (!row) {
    if (known.size > MOST_KEPT) known.clear();
    known.set(one, (row = new Map()));
  }
  const before = row.get(other);
  if (before !== undefined) return before;
  const found = deltaE(lab(one), lab(other));
  if (row.size > MOST_KEPT) row.clear();
  row.set(other, found);
  return found;
}
