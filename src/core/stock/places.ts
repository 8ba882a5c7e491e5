/** Where a unit of stock can be. Only `supplier` may go below zero: it is the outside world. */
export const PLACES = [
  'supplier',
  'shelf',
  'held',
  'out',
  'sold',
  'returned',
  'cleaning',
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
  'come-back',
  'check-in',
  'count',
  'write-off',
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
  'come-back': ['out', 'returned'],
  'check-in': ['returned', 'shelf'],
};
