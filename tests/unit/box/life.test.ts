import { BOX_STATES, type BoxFacts, mayMove, stepOf } from '@core/box';
import { describe, expect, it } from 'vitest';

const line = {
  title: 'Tee',
  held: true,
  told: true,
  decision: 'keep' as const,
  checkedIn: false,
  sent: true,
};
const ready: BoxFacts = { lines: [line], hasLetter: true };
const ok = (from: (typeof BOX_STATES)[number], to: (typeof BOX_STATES)[number], facts = ready): boolean =>
  mayMove(from, to, facts).ok;

describe('the life of a box', () => {
  it('goes forward, and back until it is packed', () => {
    expect(ok('written', 'packed')).toBe(true);
    expect(ok('packed', 'out')).toBe(true);
    expect(ok('packed', 'written')).toBe(true);
    expect(ok('combining', 'pulling')).toBe(true);
    expect(ok('out', 'packed')).toBe(false);
    expect(ok('closed', 'tallying')).toBe(false);
  });
  it('is not packed without a hold for each line and a letter, and every reason is told', () => {
    const move = mayMove('written', 'packed', {
      hasLetter: false,
      lines: [line, { ...line, title: 'Coat', held: false }],
    });
    expect(move).toEqual({
      ok: false,
      faults: [
        { path: 'lines[1]', message: 'Coat is not held any more: hold it again or take it out.' },
        { path: 'letter', message: 'The letter is not written yet.' },
      ],
    });
    expect(ok('written', 'packed', { lines: [], hasLetter: true })).toBe(false);
    const untold = mayMove('written', 'packed', {
      hasLetter: true,
      lines: [line, { ...line, title: 'Scarf', told: false }],
    });
    expect(untold).toMatchObject({ faults: [{ path: 'letter' }] });
    expect(JSON.stringify(untold)).toContain('says nothing of Scarf yet');
  });
  it('is not closed while a line is undecided or a return unchecked', () => {
    expect(ok('tallying', 'closed')).toBe(true);
    expect(ok('tallying', 'closed', { ...ready, lines: [{ ...line, decision: 'undecided' }] })).toBe(false);
    expect(ok('tallying', 'closed', { ...ready, lines: [{ ...line, decision: 'return' }] })).toBe(false);
    expect(
      ok('tallying', 'closed', { ...ready, lines: [{ ...line, decision: 'return', checkedIn: true }] }),
    ).toBe(true);
    // What is exchanged comes back too, and what goes out in its place has to be sent first.
    expect(ok('tallying', 'closed', { ...ready, lines: [{ ...line, decision: 'exchange' }] })).toBe(false);
    expect(
      mayMove('tallying', 'closed', { ...ready, lines: [{ ...line, sent: false, decision: 'undecided' }] }),
    ).toMatchObject({ faults: [{ message: expect.stringContaining('waits for its parcel') }] });
  });
  it('is cancelled from any step before it is out, and from none after', () => {
    expect(BOX_STATES.filter((state) => ok(state, 'cancelled'))).toEqual([
      'brief',
      'pulling',
      'combining',
      'written',
      'packed',
    ]);
  });
  it('does not jump over what must come between', () => {
    expect(ok('written', 'out')).toBe(false);
    expect(ok('packed', 'closed')).toBe(false);
  });
  it('has a step for every state', () =>
    expect(BOX_STATES.map(stepOf)).toEqual([
      'brief',
      'pull',
      'combine',
      'letter',
      'out',
      'out',
      'tally',
      'tally',
      'brief',
    ]));
});
