import { pieceFrom, wear } from '@core/piece';
import { airLayer, ensembleClo, heatIndex, holdsPmv, minutesWarm, pmv, requiredClo } from '@core/weather';
import { describe, expect, it } from 'vitest';

/** Rows of ISO 7730:2005, table D.1 (validation of computer programs), twelve of thirteen rows from memory (the seventh was
 * not remembered for certain and is left out): air, radiant, m/s, %, met, clo, PMV. */
const TABLE_D1 = [
  [22, 22, 0.1, 60, 1.2, 0.5, -0.75],
  [27, 27, 0.1, 60, 1.2, 0.5, 0.77],
  [27, 27, 0.3, 60, 1.2, 0.5, 0.44],
  [23.5, 25.5, 0.1, 60, 1.2, 0.5, -0.01],
  [23.5, 25.5, 0.3, 60, 1.2, 0.5, -0.55],
  [19, 19, 0.1, 40, 1.2, 1.0, -0.6],
  [23.5, 23.5, 0.3, 40, 1.2, 1.0, 0.12],
  [23, 21, 0.1, 40, 1.2, 1.0, 0.05],
  [23, 21, 0.3, 40, 1.2, 1.0, -0.16],
  [22, 22, 0.1, 60, 1.6, 0.5, 0.05],
  [27, 27, 0.1, 60, 1.6, 0.5, 1.17],
  [27, 27, 0.3, 60, 1.6, 0.5, 0.95],
] as const;

describe('predicted mean vote', () => {
  it.each(TABLE_D1)('ISO 7730 table D.1: %d °C, %d °C, %d m/s, %d %%, %d met, %d clo', (...row) => {
    const [airC, radiantC, airMs, humidityPct, met, clo, vote] = row;
    expect(Math.abs(pmv({ airC, radiantC, airMs, humidityPct, met, clo }) - vote)).toBeLessThan(0.1);
  });
  it('says where the standard does not hold', () => {
    expect([
      holdsPmv({ airC: 22, clo: 1, met: 1.2 }),
      holdsPmv({ airC: 5, clo: 1, met: 1.2 }),
      holdsPmv({ airC: 22, clo: 2.4, met: 1 }),
    ]).toEqual([true, false, false]);
  });
});

describe('heat index', () => {
  // US National Weather Service heat index chart, in °F, from memory: temperature, humidity, index.
  it.each([
    [90, 50, 95],
    [90, 70, 105],
    [96, 50, 108],
    [100, 40, 109],
    [86, 90, 105],
  ])('%d °F at %d %% feels like %d °F', (f, humidity, feels) => {
    expect(Math.abs(heatIndex((f - 32) / 1.8, humidity) * 1.8 + 32 - feels)).toBeLessThan(1.6);
  });
  it('is the air itself where the regression does not hold', () => expect(heatIndex(22, 60)).toBe(22));
});

describe('cold', () => {
  it('the still air of a calm day is worth about a quarter of what little wind leaves it (Burton & Edholm)', () => {
    expect(airLayer(0.1)).toBeCloseTo(0.83, 1);
    expect(airLayer(4)).toBeCloseTo(0.23, 2);
  });
  it('wants more in the cold, in the wind and at rest', () => {
    expect(requiredClo(0, 1, 1.2)).toBeGreaterThan(requiredClo(10, 1, 1.2));
    expect(requiredClo(5, 8, 2)).toBeGreaterThan(requiredClo(5, 1, 2));
    expect(requiredClo(5, 1, 1.2)).toBeGreaterThan(requiredClo(5, 1, 3));
    expect(minutesWarm(5, 4, 1.2, 0.6)).toBeLessThan(60);
    expect(minutesWarm(15, 1, 2.5, 1.5)).toBe(Infinity);
  });
});

describe('insulation of what is worn', () => {
  const clo = (...categories: Parameters<typeof pieceFrom>[0]['category'][]) =>
    ensembleClo(
      categories.map((category) =>
        wear(pieceFrom({ id: category, category, colours: [{ hex: '#808080', share: 1 }] })),
      ),
    );
  it('trousers, long-sleeved shirt, shoes: near the 0.61 clo of ASHRAE 55 table 5.2.2.2A (from memory)', () => {
    expect(Math.abs((clo('trousers', 'shirt', 'socks', 'flat') ?? 0) - 0.61)).toBeLessThan(0.1);
  });
  it('with a suit jacket near 0.96', () => {
    expect(Math.abs((clo('trousers', 'shirt', 'blazer', 'socks', 'flat') ?? 0) - 0.96)).toBeLessThan(0.13);
  });
  it('is not claimed for half a person', () => expect(clo('shirt')).toBeUndefined());
});
