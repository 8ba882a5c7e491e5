import { spanOf } from '@core/plan';
import { describe, expect, it } from 'vitest';

describe('how far a budget is slid', () => {
  it('goes from what is in the box to half as much again, in steps of five', () => {
    const { step, least, top, points } = spanOf(300_00, 80_00);
    expect([step, least, top]).toEqual([40_00, 80_00, 450_00]);
    expect(points).toEqual([
      80_00, 120_00, 160_00, 200_00, 240_00, 280_00, 300_00, 320_00, 360_00, 400_00, 440_00,
    ]);
  });
  it('goes up from what is spent, however far that is beyond the budget, and where there is none', () => {
    for (const budget of [null, 0, 1, 99, 50_00, 300_00, 9_999_99])
      for (const spent of [0, 1, 49_99, 400_00, 2_600_00, 99_999_99]) {
        const { step, least, top, points } = spanOf(budget, spent);
        const said = `${budget} ${spent}`;
        expect(step, said).toBeGreaterThanOrEqual(100);
        expect(least, said).toBeGreaterThanOrEqual(spent);
        expect(least - spent, said).toBeLessThan(step);
        expect(top - least, said).toBeGreaterThanOrEqual(4 * step);
        // What she means to spend is looked at, and so is what lies in the box.
        expect(points, said).toContain(spent);
        if (budget !== null) expect(points, said).toContain(budget);
        expect(points, said).toEqual([...new Set(points)].sort((a, b) => a - b));
        expect(points.length, said).toBeGreaterThanOrEqual(5);
        expect(points.length, said).toBeLessThanOrEqual(15);
        expect(points.every(Number.isInteger), said).toBe(true);
      }
  });
});
