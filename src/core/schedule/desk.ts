import type { BoxState } from '../box';
import { daysBetween, type Day, type DueDates } from './due';
import { type Deed, DEEDS, type Stake, STAKES } from './deeds';
import type { DeskWhat } from './desk-words';

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
  /** Lines asked for in exchange that wait for their parcel. */
  readonly toSend: number;
  readonly undecided: number;
}

export type Urgency = 'late' | 'today' | 'soon' | 'later';

/** One thing to do next, as data: `desk-words.ts` says it. */
export interface DeskAction {
  readonly deed: Deed;
  readonly what: DeskWhat;
  readonly stake: Stake;
  readonly client: string;
  readonly stylist?: string | undefined;
  readonly boxId: string;
  readonly number: number;
  readonly step: 'brief' | 'pull' | 'combine' | 'letter' | 'out' | 'tally';
  readonly day?: Day | undefined;
  /** Days until then; negative when it is late. */
  readonly left?: number | undefined;
  readonly urgency: Urgency;
}

/** The next actions of a shop, each with a client and a day: the soonest first, then what is lost first. */
export function deskActions(boxes: readonly DeskBox[], today: Day): DeskAction[] {
  return boxes
    .flatMap((box) => actionsOf(box, today))
    .sort(
      (a, b) =>
        (a.day ?? '9999').localeCompare(b.day ?? '9999') ||
        STAKES.indexOf(a.stake) - STAKES.indexOf(b.stake) ||
        DEEDS.indexOf(a.deed) - DEEDS.indexOf(b.deed) ||
        a.number - b.number,
    );
}

type Told = Pick<DeskAction, 'deed' | 'what' | 'step' | 'stake' | 'day'>;

function actionsOf(box: DeskBox, today: Day): DeskAction[] {
  return deedsOf(box).map((told) => ({
    ...told,
    client: box.client,
    stylist: box.stylist,
    boxId: box.id,
    number: box.number,
    left: told.day === undefined ? undefined : daysBetween(today, told.day),
    urgency: urgencyOf(told.day, today),
  }));
}

function deedsOf({
  state,
  due,
  wantedBy,
  heldLines,
  holdUntil,
  undecided,
  toCheckIn,
  toSend,
  decideBy,
}: DeskBox): Told[] {
  const stake: Stake = wantedBy ? 'promise' : 'occasion';
  const renew: Told[] = holdUntil
    ? [
        {
          deed: 'renew',
          what: { code: 'holds-end', params: { count: heldLines } },
          step: 'pull',
          stake: 'pieces',
          day: holdUntil,
        },
      ]
    : [];
  switch (state) {
    case 'brief':
      return [
        {
          deed: 'style',
          what: { code: wantedBy ? 'regular-box' : 'brief-open' },
          step: 'brief',
          stake,
          day: due?.styleBy,
        },
      ];
    case 'pulling':
    case 'combining':
      return [
        {
          deed: 'style',
          what: heldLines > 0 ? { code: 'held', params: { count: heldLines } } : { code: 'nothing-held' },
          step: state === 'pulling' ? 'pull' : 'combine',
          stake,
          day: due?.styleBy,
        },
        ...renew,
      ];
    case 'written':
      return [
        { deed: 'pack', what: { code: 'written' }, step: 'out', stake, day: due?.packBy ?? due?.shipBy },
        ...renew,
      ];
    case 'packed':
      return [{ deed: 'send', what: { code: 'packed' }, step: 'out', stake, day: due?.shipBy }];
    case 'out':
      return [
        {
          deed: 'ask',
          what: { code: 'with-client', params: { count: undecided } },
          step: 'tally',
          stake: 'money and stock',
          day: decideBy,
        },
      ];
    case 'tallying':
      return [
        // Somebody waits for it; on the day the rest is to be decided by, it is late already.
        ...(toSend > 0
          ? [
              {
                deed: 'send',
                what: { code: 'exchanged', params: { count: toSend } },
                step: 'out',
                stake: 'promise',
                day: decideBy,
              } as const,
            ]
          : []),
        ...settling(toCheckIn, undecided, decideBy, toSend),
      ];
    default:
      return [];
  }
}

/** What is left to do for a box that is being tallied. */
function settling(toCheckIn: number, undecided: number, decideBy: Day | undefined, toSend: number): Told[] {
  if (toCheckIn > 0)
    return [
      {
        deed: 'check-in',
        what: { code: 'came-back', params: { count: toCheckIn } },
        step: 'tally',
        stake: 'stock',
        day: decideBy,
      },
    ];
  if (undecided > toSend)
    return [
      {
        deed: 'ask',
        what: { code: 'with-client', params: { count: undecided - toSend } },
        step: 'tally',
        stake: 'money and stock',
        day: decideBy,
      },
    ];
  return toSend > 0
    ? []
    : [{ deed: 'close', what: { code: 'decided' }, step: 'tally', stake: 'money', day: decideBy }];
}

function urgencyOf(day: Day | undefined, today: Day): Urgency {
  if (!day) return 'later';
  const left = daysBetween(today, day);
  if (left < 0) return 'late';
  return left === 0 ? 'today' : left <= 3 ? 'soon' : 'later';
}
