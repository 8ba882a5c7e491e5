import { bodyOf } from '@core/figure';
import { HOUSE_SCHOOLS, NOBODY } from '@core/client';
import type { DecidedPiece } from '@core/learn';
import { type Candidate, rankPull, type RankSetting, reasonWords } from '@core/pull';
import { describe, expect, it } from 'vitest';
import { decided, one } from '../../support/pieces';
import { sure } from '../../support/sure';

const setting: RankSetting = {
  body: bodyOf({ heightMm: 1700, bust: 920, waist: 740, hip: 990, armLength: 600, shoulderWidth: 390 }),
  shopSchools: HOUSE_SCHOOLS,
  client: NOBODY,
  owned: [],
};
const shirt = (title: string, hex: string, more: Partial<Parameters<typeof one>[3]> = {}) =>
  one(title, 'shirt', hex, { title, priceMinor: 9000, ...more });
const candidate = (piece: Candidate['piece'], size = 'M', label = ''): Candidate => ({
  piece,
  label,
  sizes: [
    {
      variantId: size,
      size,
      measures: { bust: 1020, sleeve: 600 },
      origins: { bust: 'given', sleeve: 'given' },
      free: 2,
    },
  ],
});
/** Everything said of a candidate from what was decided before. */
const said = (of: Candidate, past: readonly DecidedPiece[]): string[] => {
  const [ranked] = rankPull([of], { ...setting, past });
  const { reasons, doubt } = sure(ranked);
  return [...reasons, ...(doubt ? [doubt] : [])]
    .filter(({ criterion }) => criterion === 'history')
    .map((each) => reasonWords(each));
};
const WHITE = '#ffffff';
const NAVY = '#1f2a44';

describe('the next pull obeys what came back', () => {
  const own = shirt('Bay shirt', NAVY, { styleId: 'bay' });
  const back = decided({ piece: own, decision: 'return', reason: 'cloth', size: 'M' });

  it('offers nothing again that came back without saying so, and puts it last', () => {
    expect(said(candidate(own), [back])).toEqual(['Bay shirt came back: cloth']);
    const order = rankPull([candidate(own), candidate(shirt('Other', WHITE))], { ...setting, past: [back] });
    expect(order.map(({ candidate: { piece } }) => piece.title)).toEqual(['Other', 'Bay shirt']);
    // Kept since: it is hers by now.
    expect(said(candidate(own), [decided({ piece: own }), back])).not.toContain('Bay shirt came back: cloth');
  });

  it('says of another size of it in which size it came back', () => {
    const small = { ...back, reason: 'too small', size: 'S' };
    expect(said(candidate(own), [small])).toEqual(['Came back in S: too small; this is another size']);
    expect(said(candidate(own, 'S'), [small])).toEqual(['Bay shirt came back: too small']);
  });

  it.each([
    ['colour', shirt('Near it', '#202b46'), shirt('Far', WHITE)],
    [
      'too dear',
      shirt('As dear', WHITE, { priceMinor: 9900 }),
      shirt('Cheaper', WHITE, { priceMinor: 4000 }),
    ],
    ['already own one', shirt('The same', '#202b46'), shirt('Another', WHITE)],
  ])('lowers what shares the reason %s, and nothing else', (reason, shares, other) => {
    const past = [{ ...back, reason, priceMinor: 9000 }];
    expect(said(candidate(shares), past)).toEqual([`Like Bay shirt, which came back: ${reason}`]);
    expect(said(candidate(other), past)).toEqual([]);
    // One that shares it was kept since.
    const since = decided({ piece: { ...shares, styleId: 'x' }, priceMinor: 9900 });
    expect(said(candidate(shares), [since, ...past])).not.toContain(
      `Like Bay shirt, which came back: ${reason}`,
    );
  });

  it('lifts the sisters of what was kept', () => {
    const kept = decided({ piece: own });
    expect(said(candidate(shirt('Bay shirt, white', WHITE)), [kept])).toContain(
      'Sister of Bay shirt, which was kept',
    );
  });
});
