import type { Decision } from './decision';
import { comesBack } from './exchange';

export const BOX_STATES = [
  'brief',
  'pulling',
  'combining',
  'written',
  'packed',
  'out',
  'tallying',
  'closed',
  'cancelled',
] as const;
export type BoxState = (typeof BOX_STATES)[number];

/** The six steps a stylist sees, in order. */
export const STEPS = ['brief', 'pull', 'combine', 'letter', 'out', 'tally'] as const;
export type Step = (typeof STEPS)[number];

const STEP_OF: Readonly<Record<BoxState, Step>> = {
  brief: 'brief',
  pulling: 'pull',
  combining: 'combine',
  written: 'letter',
  packed: 'out',
  out: 'out',
  tallying: 'tally',
  closed: 'tally',
  cancelled: 'brief',
};

/** A state as the screens say it. */
export const STATE_WORDS: Readonly<Record<BoxState, string>> = {
  brief: 'brief',
  pulling: 'pulling',
  combining: 'styling',
  written: 'letter written',
  packed: 'packed',
  out: 'out',
  tallying: 'tallying',
  closed: 'closed',
  cancelled: 'cancelled',
};

/** The step a box stands at. */
export const stepOf = (state: BoxState): Step => STEP_OF[state];

const FORWARD: readonly BoxState[] = [
  'brief',
  'pulling',
  'combining',
  'written',
  'packed',
  'out',
  'tallying',
  'closed',
];

const PACKED = FORWARD.indexOf('packed');

/** True while what is in a box may be changed: not packed yet, not given up. */
export const isOpen = (state: BoxState): boolean => {
  const at = FORWARD.indexOf(state);
  return at >= 0 && at < PACKED;
};

/** True once a box has gone out: it is with the client, or was. */
export const hasLeft = (state: BoxState): boolean => FORWARD.indexOf(state) > PACKED;

/** True once its brief, looks and letter stay as they were: gone out, or given up. */
export const isSettled = (state: BoxState): boolean => hasLeft(state) || state === 'cancelled';

/** States with nothing more to do: money and goods are where they stay. */
export const ENDED = ['closed', 'cancelled'] as const satisfies readonly BoxState[];
export const isEnded = (state: BoxState): boolean => state === 'closed' || state === 'cancelled';
export const isClosed = (state: BoxState): boolean => state === 'closed';
export const isPacked = (state: BoxState): boolean => state === 'packed';

/** True while its pieces are in the shop, and held for it: open, or packed and waiting. */
export const isHere = (state: BoxState): boolean => isOpen(state) || isPacked(state);

/** True while a client decides what stays. */
export const mayTally = (state: BoxState): boolean => state === 'out' || state === 'tallying';

/** Moves whoever packs may make alone. */
export const packerMay = (to: BoxState): boolean => to === 'packed' || to === 'out';

/** Moves that are made by deciding lines and by closing, never by themselves. */
export const isTallyMove = (to: BoxState): boolean => to === 'tallying' || to === 'closed';

/** The state that work brings an open box to: forward, never back (a look saved in a written box leaves it written). */
export const broughtTo = (from: BoxState, to: BoxState): BoxState =>
  isOpen(from) && FORWARD.indexOf(from) < FORWARD.indexOf(to) ? to : from;

/** What a guard looks at before a box moves. */
export interface BoxFacts {
  readonly lines: readonly {
    readonly title: string;
    readonly held: boolean;
    /** The letter speaks of it. */
    readonly told: boolean;
    readonly decision: Decision;
    readonly checkedIn: boolean;
    /** False for what was asked for in exchange and waits for its parcel. */
    readonly sent: boolean;
  }[];
  readonly hasLetter: boolean;
}

export type Move =
  | { readonly ok: true }
  | { readonly ok: false; readonly faults: readonly { path: string; message: string }[] };

const refuse = (...faults: { path: string; message: string }[]): Move => ({ ok: false, faults });

/** Every step a box may take, and no other: a state does not lead to itself. */
const MOVES: Readonly<Record<BoxState, readonly BoxState[]>> = {
  brief: ['pulling', 'combining', 'written', 'packed', 'cancelled'],
  pulling: ['brief', 'combining', 'written', 'packed', 'cancelled'],
  combining: ['brief', 'pulling', 'written', 'packed', 'cancelled'],
  written: ['brief', 'pulling', 'combining', 'packed', 'cancelled'],
  packed: ['brief', 'pulling', 'combining', 'written', 'out', 'cancelled'],
  out: ['tallying'],
  tallying: ['closed'],
  closed: [],
  cancelled: [],
};

/** Whether a box may go from one state to another, and if not, why, line by line. */
export function mayMove(from: BoxState, to: BoxState, facts: BoxFacts): Move {
  if (!MOVES[from].includes(to)) return refuse({ path: 'state', message: whyNot(from, to) });
  if (to === 'packed') return guardPacked(facts);
  if (to === 'out') return guardHeld(facts);
  if (to === 'closed') return guardClosed(facts);
  return { ok: true };
}

function whyNot(from: BoxState, to: BoxState): string {
  if (from === to) return `The box is ${from} already.`;
  if (from === 'closed' || from === 'cancelled') return `A ${from} box stays as it is.`;
  if (to === 'cancelled') return 'A box that has gone out cannot be cancelled.';
  return hasLeft(from)
    ? 'A box that has gone out does not go back a step.'
    : `A ${from} box is not yet ready for that.`;
}

const notHeld = ({ lines }: BoxFacts): { path: string; message: string }[] =>
  lines.flatMap(({ title, held }, i) =>
    held
      ? []
      : [{ path: `lines[${i}]`, message: `${title} is not held any more: hold it again or take it out.` }],
  );

function guardHeld(facts: BoxFacts): Move {
  const faults = notHeld(facts);
  return faults.length > 0 ? refuse(...faults) : { ok: true };
}

function guardPacked(facts: BoxFacts): Move {
  const { lines, hasLetter } = facts;
  const faults = notHeld(facts);
  if (lines.length === 0) faults.push({ path: 'lines', message: 'The box is empty.' });
  if (!hasLetter) faults.push({ path: 'letter', message: 'The letter is not written yet.' });
  else
    for (const { title, told } of lines)
      if (!told)
        faults.push({
          path: 'letter',
          message: `The letter says nothing of ${title} yet: open it, look at what is new, and save.`,
        });
  return faults.length > 0 ? refuse(...faults) : { ok: true };
}

function guardClosed({ lines }: BoxFacts): Move {
  const faults = lines.flatMap((line, i) => {
    if (!line.sent)
      return [
        {
          path: `lines[${i}]`,
          message: `${line.title} waits for its parcel: send it, or take the exchange back.`,
        },
      ];
    if (line.decision === 'undecided')
      return [{ path: `lines[${i}]`, message: `${line.title}: keep or return?` }];
    if (comesBack(line.decision) && !line.checkedIn)
      return [{ path: `lines[${i}]`, message: `${line.title} has not been checked in.` }];
    return [];
  });
  return faults.length > 0 ? refuse(...faults) : { ok: true };
}
