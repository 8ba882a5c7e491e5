/** Beginnings tried, and rounds of exchanging one for another. */
const STARTS = 12;
const EXCHANGES = 40;

/**
 * The places of so many of `count` things whose least distance to each other is as great as can be found: each time the
 * farthest from those taken, from several beginnings, then one exchanged for another while that helps. Deterministic.
 */
export function farthest(
  count: number,
  wanted: number,
  distance: (i: number, j: number) => number,
): { readonly chosen: readonly number[]; readonly least: number } {
  if (count === 0 || wanted <= 0) return { chosen: [], least: 0 };
  if (wanted === 1) return { chosen: [0], least: 0 };
  const known = new Float64Array(count * count).fill(-1);
  const apart = (i: number, j: number): number => {
    const at = i * count + j;
    if ((known[at] as number) < 0) {
      const d = distance(i, j);
      known[at] = d;
      known[j * count + i] = d;
    }
    return known[at] as number;
  };
  let best: number[] = [];
  let bestLeast = -1;
  const step = Math.max(1, Math.floor(count / STARTS));
  for (let start = 0; start < count; start += step) {
    const set = [start];
    const near = Float64Array.from({ length: count }, (_, i) => (i === start ? -1 : apart(start, i)));
    while (set.length < Math.min(wanted, count)) {
      let next = -1;
      for (let i = 0; i < count; i++)
        if (!set.includes(i) && (next < 0 || (near[i] as number) > (near[next] as number))) next = i;
      if (next < 0) break;
      set.push(next);
      for (let i = 0; i < count; i++) near[i] = Math.min(near[i] as number, apart(next, i));
    }
    const least = exchange(set, count, apart);
    if (least > bestLeast) [best, bestLeast] = [[...set], least];
  }
  return { chosen: best.sort((a, b) => a - b), least: Math.max(0, bestLeast) };
}

const leastOf = (set: readonly number[], apart: (i: number, j: number) => number): number => {
  let least = Infinity;
  for (let i = 0; i < set.length; i++)
    for (let j = i + 1; j < set.length; j++)
      least = Math.min(least, apart(set[i] as number, set[j] as number));
  return least;
};

/** Exchanges one of the two nearest for another while the least distance grows; answers it. */
function exchange(set: number[], count: number, apart: (i: number, j: number) => number): number {
  let least = leastOf(set, apart);
  for (let round = 0; round < EXCHANGES; round++) {
    let improved = false;
    for (let at = 0; at < set.length && !improved; at++) {
      const others = set.filter((_, i) => i !== at);
      const rest = leastOf(others, apart);
      if (rest <= least) continue;
      for (let i = 0; i < count; i++) {
        if (set.includes(i)) continue;
        let near = rest;
        for (const other of others) {
          near = Math.min(near, apart(i, other));
          if (near <= least) break;
        }
        if (near > least) {
          set[at] = i;
          least = near;
          improved = true;
          break;
        }
      }
    }
    if (!improved) break;
  }
  return least;
}
