import { betaBelow, betaQuantile, keepRate, priorOf } from '@core/ledger';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

describe('the beta distribution', () => {
  it('agrees with what can be written down: powers, the arcsine law, a hand count', () => {
    // Beta(a, 1) is x^a; Beta(1/2, 1/2) is 2/π · asin √x (Feller II, III.4); Beta(2, 3) at one half is 11/16.
    for (const [a, x] of [
      [1, 0.3],
      [3, 0.7],
      [12, 0.95],
    ] as const)
      expect(betaBelow(x, a, 1)).toBeCloseTo(x ** a, 9);
    for (const x of [0.01, 0.2, 0.5, 0.93])
      expect(betaBelow(x, 0.5, 0.5)).toBeCloseTo((2 / Math.PI) * Math.asin(Math.sqrt(x)), 8);
    expect(betaBelow(0.5, 2, 3)).toBeCloseTo(11 / 16, 9);
  });

  it('is the tail of a binomial for whole numbers', () => {
    // Abramowitz & Stegun 26.5.24.
    const choose = (n: number, k: number): number => {
      let all = 1;
      for (let i = 1; i <= k; i++) all = (all * (n - k + i)) / i;
      return all;
    };
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 20 }),
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        (a, b, x) => {
          const n = a + b - 1;
          let tail = 0;
          for (let k = a; k <= n; k++) tail += choose(n, k) * x ** k * (1 - x) ** (n - k);
          expect(betaBelow(x, a, b)).toBeCloseTo(tail, 7);
          expect(betaBelow(betaQuantile(0.05, a, b), a, b)).toBeCloseTo(0.05, 7);
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('a keep rate', () => {
  const even = { mean: 0.6, pieces: 10 };
  it('leans on the shop’s mean, the less the more was seen, within its bounds', () => {
    expect(keepRate({ sent: 0, kept: 0 }, even).rate).toBeCloseTo(0.6, 9);
    const [few, many] = [keepRate({ sent: 2, kept: 0 }, even), keepRate({ sent: 200, kept: 0 }, even)];
    expect(few.rate).toBeCloseTo(0.5, 9);
    expect(many.rate).toBeLessThan(0.03);
    expect(few.high - few.low).toBeGreaterThan(many.high - many.low);
    expect(few.low < few.rate && few.rate < few.high).toBe(true);
  });

  it('is believed by itself where groups differ, and hardly where only chance tells them apart', () => {
    const alike = priorOf(Array.from({ length: 12 }, (_, i) => ({ sent: 20, kept: 11 + (i % 3) })));
    const apart = priorOf([
      { sent: 60, kept: 55 },
      { sent: 60, kept: 8 },
      { sent: 60, kept: 30 },
    ]);
    expect(alike.pieces).toBe(200);
    expect(apart.pieces).toBeLessThan(8);
    expect(alike.mean).toBeCloseTo(145 / 242, 6);
    expect(priorOf([])).toEqual({ mean: 0.5, pieces: 200 });
  });
});
