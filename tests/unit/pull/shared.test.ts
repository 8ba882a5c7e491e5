import { apartFrom, type Said, sharedBy } from '@core/pull';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

const mood = (name: string): Said => ({ code: 'mood', params: { mood: name } });
const dear: Said = { code: 'over-budget' };
const row = (moods: readonly string[], doubt?: Said) => ({
  reasons: moods.map(mood),
  ...(doubt ? { doubt } : {}),
});

describe('what all candidates share', () => {
  it('is what every one of them says, in the order of the first; a doubt as well', () => {
    const rows = [
      row(['quiet', 'sharp', 'warm'], dear),
      row(['sharp', 'quiet'], dear),
      row(['quiet', 'sharp'], dear),
    ];
    expect(sharedBy(rows)).toEqual({ reasons: [mood('quiet'), mood('sharp')], doubt: dear });
    expect(apartFrom(sharedBy(rows), sure(rows[0]))).toEqual({ reasons: [mood('warm')], doubt: undefined });
  });
  it('is not what one of them does not say, and nothing where there are few', () => {
    expect(sharedBy([row(['quiet'], dear), row(['warm'], dear), row(['quiet'])])).toEqual({ reasons: [] });
    expect(sharedBy([row(['quiet']), row(['quiet'])])).toEqual({ reasons: [] });
    expect(sharedBy([])).toEqual({ reasons: [] });
  });
});
