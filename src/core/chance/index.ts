/** Numbers between 0 and 1, the same for the same seed (mulberry32, public domain). */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Numbers between 0 and 1, as `seeded` makes them. */
export type Random = () => number;

/** One of some things, drawn by lot; undefined of none. */
export const pick = <T>(from: readonly T[], random: Random): T | undefined =>
  from[Math.floor(random() * from.length)];

/** The same things in an order drawn by lot. */
export const shuffled = <T>(of: readonly T[], random: Random): T[] =>
  of
    .map((each) => ({ each, lot: random() }))
    .sort((a, b) => a.lot - b.lot)
    .map(({ each }) => each);
