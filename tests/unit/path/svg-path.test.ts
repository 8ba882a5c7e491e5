import { type Path, type Step, svgPath } from '@core/path';
import fc from 'fast-check';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

const mm = fc.double({ min: -2000, max: 2000, noNaN: true });
const far = (...to: fc.Arbitrary<number>[]): fc.Arbitrary<number[]> => fc.tuple(...to);
const anyStep = fc.oneof(
  far(mm, mm).map((at) => ['L', ...at] as unknown as Step),
  far(mm, mm, mm, mm).map((at) => ['Q', ...at] as unknown as Step),
  far(mm, mm, mm, mm, mm, mm).map((at) => ['C', ...at] as unknown as Step),
  fc.constant(['Z'] as const),
);
const anyPath: fc.Arbitrary<Path> = fc
  .array(fc.tuple(mm, mm, fc.array(anyStep, { maxLength: 8 })), { minLength: 1, maxLength: 3 })
  .map((parts) => parts.flatMap(([x, y, steps]) => [['M', x, y] as const, ...steps]));

const LONG: Readonly<Record<string, number>> = { M: 2, L: 2, Q: 4, C: 6, Z: 0 };

/** Reads `d` by the grammar of SVG 2, 9.3: relative steps, letters left out when they repeat, numbers that end where a sign begins. */
function read(d: string): (string | number)[][] {
  const steps: (string | number)[][] = [];
  let [x, y, startX, startY] = [0, 0, 0, 0];
  for (const [, letter = '', rest = ''] of d.matchAll(/([MLQCZ])([^MLQCZ]*)/gi)) {
    const kind = letter.toUpperCase();
    const numbers = [...rest.matchAll(/-?(?:\d+(?:\.\d+)?|\.\d+)/g)].map(Number);
    if (kind === 'Z') {
      steps.push(['Z']);
      [x, y] = [startX, startY];
    }
    const long = sure(LONG[kind]);
    for (let at = 0; at < numbers.length; at += long) {
      const own = numbers
        .slice(at, at + long)
        .map((value, i) => value + (letter === kind ? 0 : i % 2 === 0 ? x : y));
      steps.push([kind, ...own]);
      [x, y] = [sure(own.at(-2)), sure(own.at(-1))];
      if (kind === 'M') [startX, startY] = [x, y];
    }
  }
  return steps;
}

describe('a path as SVG', () => {
  it('is where it is, to a tenth of a millimetre, however long it is: nothing drifts', () => {
    fc.assert(
      fc.property(anyPath, (path) => {
        const steps = read(svgPath(path));
        expect(steps.map(([letter]) => letter)).toEqual(path.map(([letter]) => letter));
        path.forEach((step, i) =>
          step
            .slice(1)
            .forEach((value, at) =>
              expect(Math.abs((value as number) - (sure(steps[i])[at + 1] as number))).toBeLessThan(0.0501),
            ),
        );
      }),
    );
  });

  it('is written short, and says where a number is none', () => {
    expect(
      svgPath([
        ['M', 0.04, -0.5],
        ['L', 12, -0.5],
        ['L', 12.25, 3],
        ['Q', 12.25, 3, 12, 3.4],
        ['Z'],
        ['L', 1, 0],
        ['M', 7, 7],
      ]),
    ).toBe('M0-.5l12 0 .3 3.5q0 0-.3 .4Zl1 .5M7 7');
    expect(svgPath([['M', NaN, 0]])).toContain('NaN');
    expect(svgPath([])).toBe('');
  });

  // The second opinion: what a renderer of SVG makes of it, against the same steps written out in full.
  it('is painted as the steps written out', async () => {
    const paths = fc.sample(anyPath, { numRuns: 12, seed: 7 });
    for (const path of paths) {
      const full = path
        .map(([letter, ...at]) => letter + at.map((value) => Math.round(value * 10) / 10).join(' '))
        .join('');
      const painted = (d: string): Promise<Buffer> =>
        sharp(
          Buffer.from(
            `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-2000 -2000 4000 4000" width="100" height="100"><path d="${d}" stroke="#000" stroke-width="30" fill="#888"/></svg>`,
          ),
        )
          .raw()
          .toBuffer();
      const [short, long] = await Promise.all([painted(svgPath(path)), painted(full)]);
      expect(short.equals(long)).toBe(true);
    }
  });
});
