/** What becomes of a sum that a card terminal was asked for. */
export const CARD_STATES = ['asked', 'approved', 'declined', 'cancelled', 'used', 'given back'] as const;
export type CardState = (typeof CARD_STATES)[number];

const MOVES: Readonly<Record<CardState, readonly CardState[]>> = {
  asked: ['approved', 'declined', 'cancelled'],
  approved: ['used', 'given back'],
  declined: [],
  cancelled: [],
  used: [],
  'given back': [],
};

/** True while money may be on its way, or is here and belongs to nothing yet: a box has one such sum at most. */
export const isCardOpen = (state: CardState): boolean => MOVES[state].length > 0;

/** States in which a sum is still open. */
export const CARD_OPEN = CARD_STATES.filter(isCardOpen);

/**
 * What a sum comes to when something is said of it: its next state, the same where it was said before (a card held twice, an
 * answer sent again), undefined where it comes too late.
 */
export function cardNext(from: CardState, to: CardState): CardState | undefined {
  if (from === to) return from;
  return MOVES[from].includes(to) ? to : undefined;
}

/** What stops a sum, whoever is asked: before the card was charged it is cancelled, after it the money goes back. */
export const cardStopped = (from: CardState): CardState | undefined =>
  from === 'asked' ? 'cancelled' : from === 'approved' ? 'given back' : undefined;
