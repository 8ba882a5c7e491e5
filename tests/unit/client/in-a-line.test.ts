import { clientFacts, type Learned, NOBODY, type Profile } from '@core/client';
import { HOUSE_TONGUE } from '@core/words';
import { describe, expect, it } from 'vitest';

const said = (profile: Partial<Profile>, learned: readonly Learned[] = [], tongue = HOUSE_TONGUE) =>
  clientFacts({ ...NOBODY, ...profile }, learned, tongue).map(({ label, text }) => `${label}: ${text}`);

describe('a client in one line', () => {
  it('begins with what may harm, and leaves out what nobody said', () => {
    expect(said({})).toEqual([]);
    expect(
      said(
        {
          allergies: ['nickel', 'wool'],
          nevers: ['polka dots'],
          limits: { ...NOBODY.limits, heelMaxMm: 50, openToe: false, avoidFibres: ['mohair'] },
          cover: ['upper-arms', 'knees'],
          measures: { heightMm: 1680, bust: 920, hip: 990 },
        },
        [
          { kind: 'came back', title: 'Blazer', reason: 'the shoulder', note: '' },
          { kind: 'noted', text: 'Longer hems' },
        ],
      ),
    ).toEqual([
      'Allergy: nickel and wool',
      'Never: polka dots and mohair',
      'Limits: heels to 5 cm, closed toes',
      'Covered: upper arms and knees',
      'Measures: 168 cm; 92 cm · – · 99 cm',
      'Last time: Blazer came back: the shoulder',
    ]);
  });
  it('speaks in the reader’s unit', () => {
    const inches = { ...HOUSE_TONGUE, units: 'in' as const };
    expect(said({ limits: { ...NOBODY.limits, heelMaxMm: 51 } }, [], inches)[0]).toMatch(
      /^Limits: heels to 2 ?(in|″)/,
    );
  });
});
