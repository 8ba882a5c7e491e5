/** Where a unit of stock can be. Only `supplier` may go below zero: it is the outside world. */
export const PLACES = [
  'supplier',
  'shelf',
  'held',
  'out',
  'sold',
  'returned',
  'cleaning',
  'mending',
  'sample',
  'loan-in',
  'written-off',
] as const;
export type Place = (typeof PLACES)[number];

export const CAUSES = [
  'delivery',
  'import',
  'hold',
  'release',
  'expire',
  'ship',
  'keep',
  'lose',
  'turn-up',
  'come-back',
  'late-return',
  'check-in',
  'count',
  'write-off',
  'clean',
  'cleaned',
  'mend',
  'mended',
  'sample',
  'sampled',
  'correction',
] as const;
export type Cause = (typeof CAUSES)[number];

/** From where to where each cause moves a unit. A correction may move anything. */
export const ROUTE: Readonly<Partial<Record<Cause, readonly [Place, Place]>>> = {
  delivery: ['supplier', 'shelf'],
  import: ['supplier', 'shelf'],
  hold: ['shelf', 'held'],
  release: ['held', 'shelf'],
  expire: ['held', 'shelf'],
  ship: ['held', 'out'],
  keep: ['out', 'sold'],
  lose: ['out', 'written-off'],
  'turn-up': ['written-off', 'out'],
  'come-back': ['out', 'returned'],
  'late-return': ['sold', 'returned'],
  'check-in': ['returned', 'shelf'],
  'write-off': ['shelf', 'written-off'],
  clean: ['shelf', 'cleaning'],
  cleaned: ['cleaning', 'shelf'],
  mend: ['shelf', 'mending'],
  mended: ['mending', 'shelf'],
  sample: ['shelf', 'sample'],
  sampled: ['sample', 'shelf'],
};

/** What a movement is called where people read it. */
export const CAUSE_WORDS: Readonly<Record<Cause, string>> = {
  delivery: 'delivered',
  import: 'came in with a file',
  hold: 'held for a box',
  release: 'let go',
  expire: 'hold ran out',
  ship: 'sent out',
  keep: 'kept by the client',
  lose: 'lost with its parcel, or never heard of again',
  'turn-up': 'turned up after it was lost',
  'come-back': 'came back',
  'late-return': 'came back after it was kept',
  'check-in': 'checked in',
  count: 'counted',
  'write-off': 'written off',
  clean: 'to the cleaner',
  cleaned: 'back from the cleaner',
  mend: 'put by for mending',
  mended: 'mended',
  sample: 'taken as a sample',
  sampled: 'sample brought back',
  correction: 'corrected',
};

/** Movements a person books by hand. */
export const BY_HAND = [
  'delivery',
  'write-off',
  'clean',
  'cleaned',
  'mend',
  'mended',
  'sample',
  'sampled',
] as const;

export type ByHand = (typeof BY_HAND)[number];

/**
 * What whoever packs books alone: goods that come in, what goes to the cleaner or is mended and comes back, a sample that is brought
 * back, and a count with its reason. A write-off and taking a sample they propose, and an owner confirms.
 */
export const PROPOSED: readonly ByHand[] = ['write-off', 'sample'];

/**
 * A stock-take: what must move so that the shelf holds what was counted. More than the books say came
 * from nowhere known (the supplier), fewer are written off; undefined when the books are right.
 */
export function countDifference(
  shelf: number,
  counted: number,
): { readonly qty: number; readonly from: Place; readonly to: Place } | undefined {
  if (counted === shelf) return undefined;
  return counted > shelf
    ? { qty: counted - shelf, from: 'supplier', to: 'shelf' }
    : { qty: shelf - counted, from: 'shelf', to: 'written-off' };
}
