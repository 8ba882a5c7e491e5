import { clockWords, deedWords, deskActions, type DeskBox, deskWhatWords, stakeWords } from '@core/schedule';
import { describe, expect, it } from 'vitest';

const TODAY = '2026-11-27';
const box = (number: number, more: Partial<DeskBox>): DeskBox => ({
  id: `box-${number}`,
  number,
  client: 'Ada Lund',
  state: 'pulling',
  heldLines: 0,
  toCheckIn: 0,
  toSend: 0,
  undecided: 0,
  ...more,
});
const due = (day: string) => ({ styleBy: day, packBy: day, shipBy: day }) as unknown as DeskBox['due'];
const said = (boxes: readonly DeskBox[]): string[] =>
  deskActions(boxes, TODAY).map(
    (action) =>
      `${clockWords(action)}: ${deedWords(action.deed)} box ${action.number}. ${deskWhatWords(action.what)} ${stakeWords(action.stake)}.`,
  );

describe('what is to be done next', () => {
  it('sends an exchange before anything else of a box, then asks, checks in and closes', () => {
    const tallying = (more: Partial<DeskBox>): string[] =>
      said([box(7, { state: 'tallying', decideBy: TODAY, ...more })]).map((each) => each.slice(7));
    expect(tallying({ toSend: 1, undecided: 1 })).toEqual([
      'Send box 7. 1 piece to send in exchange. The day it was promised for.',
    ]);
    expect(tallying({ toSend: 1, undecided: 3 })).toEqual([
      'Send box 7. 1 piece to send in exchange. The day it was promised for.',
      'Ask for a decision box 7. 2 pieces are with the client. The money and the stock.',
    ]);
    expect(tallying({ undecided: 2, toCheckIn: 1 })).toEqual([
      'Check in box 7. 1 piece came back. The stock.',
    ]);
    expect(tallying({})).toEqual(['Close box 7. Every piece is decided. The money.']);
  });

  it('puts the soonest first, and of one day what is lost first', () => {
    expect(
      said([
        box(1, { state: 'tallying', decideBy: TODAY }),
        box(2, { state: 'out', undecided: 1, decideBy: TODAY }),
        box(3, { state: 'written', heldLines: 2, holdUntil: TODAY, due: due(TODAY) }),
        box(4, { state: 'brief', due: due('2026-11-25') }),
        box(5, { state: 'tallying', toCheckIn: 2, decideBy: TODAY }),
        box(6, { wantedBy: '2026-12-05', due: due(TODAY) }),
        box(7, { state: 'brief' }),
      ]),
    ).toEqual([
      '2 days late: Style box 4. The brief is open; nothing is pulled yet. The day of the occasion.',
      'Today: Pack box 3. The letter is written. The day of the occasion.',
      'Today: Style box 6. Nothing is held yet. The day it was promised for.',
      'Today: Renew the hold box 3. 2 held pieces go back to the shelf. The pieces.',
      'Today: Check in box 5. 2 pieces came back. The stock.',
      'Today: Ask for a decision box 2. 1 piece is with the client. The money and the stock.',
      'Today: Close box 1. Every piece is decided. The money.',
      'No day set: Style box 7. The brief is open; nothing is pulled yet. The day of the occasion.',
    ]);
  });
  it('says one in the singular, and how long there is', () => {
    const [tomorrow, later] = deskActions(
      [box(1, { heldLines: 1, due: due('2026-11-28') }), box(2, { state: 'packed', due: due('2026-12-04') })],
      TODAY,
    );
    expect([tomorrow && deskWhatWords(tomorrow.what), tomorrow?.urgency]).toEqual([
      '1 piece held, no letter yet.',
      'soon',
    ]);
    expect([later && clockWords(later), later?.urgency]).toEqual(['In 7 days', 'later']);
    expect(deskActions([box(3, { state: 'closed' })], TODAY)).toEqual([]);
  });
});
