export const DECISIONS = ['undecided', 'keep', 'return', 'exchange', 'lost'] as const;
/** What a client says of a piece that was sent; `lost` is the shop's word: it is with nobody, is not charged and teaches nothing. */
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

/** What becomes of a return: put somewhere, or lost on its way back. */
export const RETURN_ENDS = [...BACK_TO, 'lost'] as const;
export type ReturnEnd = (typeof RETURN_ENDS)[number];

export const LOSSES = ['on its way to her', 'no answer'] as const;
/** Why a piece is given up: it never reached its client, or she never said a word. */
export type Loss = (typeof LOSSES)[number];

/** What became of a piece that is lost; undefined for one that is not. */
export function lossWords(line: {
  readonly decision: Decision;
  readonly reason: string | null;
  readonly lost: boolean;
  readonly checkedIn: boolean;
}): string | undefined {
  if (line.decision === 'lost')
    return line.checkedIn
      ? 'Never reached her; back in the shop'
      : line.reason === 'no answer'
        ? 'No answer; given up'
        : 'Lost on its way to her';
  return line.lost ? 'Lost on its way back' : undefined;
}

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
