import type { BoxState } from '../box';
import { daysBetween, type Day, type DueDates } from './due';

/** What Desk knows of a box. */
export interface DeskBox {
  readonly id: string;
  readonly number: number;
  readonly client: string;
  readonly state: BoxState;
  /** Whose box it is; absent for a reader who is not told. */
  readonly stylist?: string | undefined;
  /** The day its client should have it, for a box of a rhythm. */
  readonly wantedBy?: Day | undefined;
  readonly due?: DueDates | undefined;
  readonly decideBy?: Day | undefined;
  /** Soonest hold that runs out. */
  readonly holdUntil?: Day | undefined;
  readonly heldLines: number;
  /** Returned lines that wait to be checked in. */
  readonly toCheckIn: number;
  readonly undecided: number;
}

export type Urgency = 'late' | 'today' | 'soon' | 'later';

export interface DeskAction {
  readonly verb: string;
  readonly client: string;
  readonly stylist?: string | undefined;
  readonly what: string;
  readonly boxId: string;
  readonly number: number;
  readonly step: 'brief' | 'pull' | 'combine' | 'letter' | 'out' | 'tally';
  readonly day?: Day | undefined;
  readonly clock: string;
  readonly urgency: Urgency;
  readonly lost: string;
}

/** Order of what is lost first when two things fall on one day: stock, then the date, then the money. */
const WEIGHT: Readonly<Record<string, number>> = {
  Pack: 0,
  Send: 0,
  Style: 1,
  'Write the letter': 1,
  'Renew the hold': 2,
  'Check in': 3,
  'Ask for a decision': 4,
  Close: 5,
};

/** The next actions of a shop, each a verb with a client and a clock, ordered by what is lost first. */
export function deskActions(boxes: readonly DeskBox[], today: Day): DeskAction[] {
  return boxes
    .flatMap((box) => actionsOf(box, today))
    .sort(
      (a, b) =>
        (a.day ?? '9999').localeCompare(b.day ?? '9999') ||
        (WEIGHT[a.verb] ?? 9) - (WEIGHT[b.verb] ?? 9) ||
        a.number - b.number,
    );
}

function actionsOf(box: DeskBox, today: Day): DeskAction[] {
  const act = (
    verb: string,
    what: string,
    step: DeskAction['step'],
    day: Day | undefined,
    lost: string,
  ): DeskAction => ({
    verb,
    what,
    step,
    day,
    lost,
    client: box.client,
    stylist: box.stylist,
    boxId: box.id,
    number: box.number,
    ...clockOf(day, today),
  });
  const { due } = box;
  const lost = box.wantedBy ? 'The day it was promised for' : 'The day of the occasion';
  switch (box.state) {
    case 'brief':
      return [
        act(
          'Style',
          box.wantedBy ? 'Regular box: the brief is open.' : 'The brief is open; nothing is pulled yet.',
          'brief',
          due?.styleBy,
          lost,
        ),
      ];
    case 'pulling':
    case 'combining':
      return [
        act(
          'Style',
          box.heldLines > 0 ? `${box.heldLines} held, no letter yet.` : 'Nothing is held yet.',
          box.state === 'pulling' ? 'pull' : 'combine',
          due?.styleBy,
          lost,
        ),
        ...(box.holdUntil
          ? [
              act(
                'Renew the hold',
                `${box.heldLines} held pieces go back to the shelf.`,
                'pull',
                box.holdUntil,
                'The pieces',
              ),
            ]
          : []),
      ];
    case 'written':
      return [
        act('Pack', 'The letter is written.', 'out', due?.packBy ?? due?.shipBy, lost),
        ...(box.holdUntil
          ? [
              act(
                'Renew the hold',
                `${box.heldLines} held pieces go back to the shelf.`,
                'pull',
                box.holdUntil,
                'The pieces',
              ),
            ]
          : []),
      ];
    case 'packed':
      return [act('Send', 'Packed and waiting.', 'out', due?.shipBy, lost)];
    case 'out':
      return [
        act(
          'Ask for a decision',
          `${box.undecided} pieces are with the client.`,
          'tally',
          box.decideBy,
          'The money and the stock',
        ),
      ];
    case 'tallying':
      return box.toCheckIn > 0
        ? [act('Check in', `${box.toCheckIn} came back.`, 'tally', box.decideBy, 'The stock')]
        : [act('Close', 'Every piece is decided.', 'tally', box.decideBy, 'The money')];
    default:
      return [];
  }
}

function clockOf(day: Day | undefined, today: Day): { clock: string; urgency: Urgency } {
  if (!day) return { clock: 'No day set', urgency: 'later' };
  const left = daysBetween(today, day);
  if (left < 0) return { clock: left === -1 ? '1 day late' : `${-left} days late`, urgency: 'late' };
  if (left === 0) return { clock: 'Today', urgency: 'today' };
  if (left === 1) return { clock: 'Tomorrow', urgency: 'soon' };
  return { clock: `In ${left} days`, urgency: left <= 3 ? 'soon' : 'later' };
}
