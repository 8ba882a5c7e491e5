import { harmonyDistance, HUE_TEMPLATES, hueDistance, hsv } from '@core/colour';
import { describe, expect, it } from 'vitest';
import { sure } from '../support/sure';

/** Sector widths in degrees as Cohen-Or et al. 2006 print them for figure 3, as shares of the wheel (from memory). */
const WIDTHS = { i: [5], V: [26], L: [5, 22], I: [5, 5], T: [50], Y: [26, 5], X: [26, 26] } as const;

describe('hue templates of Cohen-Or et al. 2006', () => {
  it.each(Object.entries(WIDTHS))('%s has the sectors of the paper', (name, shares) => {
    expect(HUE_TEMPLATES[name]?.map(([, width]) => width)).toEqual(
      shares.map((share) => Math.round(share * 36) / 10),
    );
  });
  it('a hue inside a sector is at no distance, outside at that of the nearest border', () => {
    expect(hueDistance(5, sure(HUE_TEMPLATES.i), 0)).toBe(0);
    expect(hueDistance(29, sure(HUE_TEMPLATES.i), 0)).toBe(20);
    expect(hueDistance(185, sure(HUE_TEMPLATES.I), 0)).toBe(0);
    expect(hueDistance(350, sure(HUE_TEMPLATES.i), 350)).toBe(0);
  });
  it('any two hues stand in some template; three even primaries in none', () => {
    for (let gap = 0; gap <= 180; gap += 15)
      expect(
        harmonyDistance([
          { hue: 10, weight: 1 },
          { hue: 10 + gap, weight: 1 },
        ]).degrees,
      ).toBe(0);
    const three = [0, 120, 240].map((hue) => ({ hue, weight: 1 }));
    expect(harmonyDistance(three).degrees).toBeCloseTo(8.8, 1);
  });
  it('a colour of no area or no saturation does not count', () => {
    expect(
      harmonyDistance([
        { hue: 0, weight: 1 },
        { hue: 120, weight: 1 },
        { hue: 240, weight: 0 },
      ]).degrees,
    ).toBe(0);
    expect(harmonyDistance([]).degrees).toBe(0);
  });
  it('hue and saturation are those of HSV', () => {
    expect(hsv('#ff0000')).toEqual({ hue: 0, saturation: 1 });
    expect(hsv('#00ff00').hue).toBe(120);
    expect(hsv('#808080')).toEqual({ hue: 0, saturation: 0 });
  });
});
