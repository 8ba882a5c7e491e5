import { type FitDecision, labelOffset, saysSize } from '@core/learn';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

const back = (reason: string, point?: FitDecision['point']): FitDecision => ({
  decision: 'return',
  reason,
  point,
});
const kept: FitDecision = { decision: 'keep' };

describe('what decisions teach of a label', () => {
  it('is nothing while nobody sent anything back for its size', () => {
    expect(labelOffset([kept, kept, back('colour')], 'bust')).toEqual({});
  });
  it('is the mean of a step for each, shrunk by n / (n + 5)', () => {
    // Two too small at the bust and two kept: mean −2/4, n = 4, shrunk by 4/9.
    const found = labelOffset([back('too small'), back('too small', 'bust'), kept, kept], 'bust');
    expect(found.bust?.count).toBe(4);
    expect(found.bust?.steps).toBeCloseTo((-2 / 4) * (4 / 9), 10);
  });
  it('keeps points apart: where it was said, else where the kind hangs by, and lengths as lengths', () => {
    const found = labelOffset(
      [back('too short', 'sleeve'), back('too short', 'sleeve'), back('too big'), back('too long')],
      'hip',
    );
    expect(Object.keys(found).sort()).toEqual(['hip', 'length', 'sleeve']);
    expect(found.sleeve?.steps).toBeLessThan(0);
    expect(found.hip?.steps).toBeGreaterThan(0);
    expect(found.length?.steps).toBeGreaterThan(0);
  });
  it('never says more than a size, and the more agree the nearer it comes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 0, max: 60 }), (small, fine) => {
        const at = (n: number) =>
          sure(
            labelOffset(
              [
                ...Array.from({ length: n }, () => back('too small')),
                ...Array.from({ length: fine }, () => kept),
              ],
              'bust',
            ).bust,
          ).steps;
        expect(at(small)).toBeGreaterThan(-1);
        expect(at(small + 1)).toBeLessThan(at(small));
      }),
    );
  });
  it('knows which reasons speak of the size', () => {
    expect(['too small', 'too long', 'colour', 'fault'].map(saysSize)).toEqual([true, true, false, false]);
  });
});
