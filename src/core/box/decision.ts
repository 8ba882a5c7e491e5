export const DECISIONS = ['undecided', 'keep', 'return', 'exchange'] as const;
/** What a client says of a piece that was sent. */
export type Decision = (typeof DECISIONS)[number];

/** Who said so last. */
export const DECIDERS = ['shop', 'client'] as const;
export type Decider = (typeof DECIDERS)[number];

/** Where a piece goes that came back. */
export const BACK_TO = ['shelf', 'cleaning', 'mending', 'written-off'] as const;
export type BackTo = (typeof BACK_TO)[number];

export const BACK_WORDS: Readonly<Record<BackTo, string>> = {
  shelf: 'back on the shelf',
  cleaning: 'to the cleaner',
  mending: 'for mending',
  'written-off': 'written off',
};

export const RETURN_REASONS = [
  'too small',
  'too big',
  'too long',
  'too short',
  'colour',
  'cloth',
  'not my style',
  'already own one',
  'too dear',
  'arrived too late',
  'fault',
] as const;
export type ReturnReason = (typeof RETURN_REASONS)[number];
