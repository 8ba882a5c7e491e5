import type { ReturnReason } from '@core/box';

/** Invented people who had boxes in the year before. */
export const PEOPLE = [
  'Tamsin Orrell',
  'Thea Brandreth',
  'Ursel Quarrie',
  'Verity Lomond',
  'Vesper Dunning',
  'Wilmot Sayle',
  'Winifred Aske',
  'Xanthe Prowse',
  'Yrsa Hallam',
  'Yolande Peake',
  'Zelma Corrie',
  'Zita Rudge',
] as const;

/**
 * What the invented year is made of, so that the Ledger has something true to find: a label whose pieces come back too small,
 * a stylist who sends too much navy, prices above which people hesitate, and a rule that is wrong about one thing. All of it
 * is invented.
 */
export const HABITS = {
  keep: 0.66,
  /** Comes back too small, whoever wears it. */
  smallLabel: 'Sallowfield',
  smallKept: 0.14,
  /** Every so often this stylist sends navy whatever was asked, and it is kept less. */
  navyRole: 'owner',
  navyShare: 0.55,
  navyKept: 0.2,
  /** Asked for every so often, and never there. */
  missing: ['bottle green velvet blazer, under 260', 'tan knee boots'],
  missingShare: 0.16,
  dearMinor: 15_000,
  dearKept: 0.3,
  /** What fights in a look comes back. */
  fightsKept: 0.35,
  /**
   * The shop's clients like evening cloth brought down by a plain shoe, which R3 speaks against; a tee with it, further
   * apart still, they do not. So R3 is right from the second distance on, and wrong up to the first.
   */
  wrongRule: 'R3',
  highLow: { share: 0.34, apart: 6.5, kept: 0.92 },
  tooFar: { share: 0.14, apart: 7, kept: 0.2 },
} as const;

export const REASONS: readonly ReturnReason[] = [
  'colour',
  'not my style',
  'too big',
  'too dear',
  'already own one',
  'cloth',
];
