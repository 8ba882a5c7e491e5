import { sharedBy } from '@core/pull';
import { describe, expect, it } from 'vitest';

const row = (reasons: readonly string[], doubt?: string) => ({
  reasons: reasons.map((says) => ({ says })),
  ...(doubt ? { doubt: { says: doubt } } : {}),
});

describe('what all candidates share', () => {
  it('is what every one of them says, in the order of the first; a doubt as well', () => {
    expect(
      sharedBy([
        row(['a kind asked for', 'fits', 'in green'], 'dear'),
        row(['fits', 'a kind asked for'], 'dear'),
        row(['a kind asked for', 'new', 'fits'], 'dear'),
      ]),
    ).toEqual({ reasons: ['a kind asked for', 'fits'], doubt: 'dear' });
  });
  it('is not what one of them does not say, and nothing where there are few', () => {
    expect(sharedBy([row(['a'], 'dear'), row(['b'], 'dear'), row(['a'])])).toEqual({ reasons: [] });
    expect(sharedBy([row(['a']), row(['a'])])).toEqual({ reasons: [] });
    expect(sharedBy([])).toEqual({ reasons: [] });
  });
});
