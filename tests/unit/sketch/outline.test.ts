import { bodyOf, frameOf } from '@core/figure';
import { boxOf, flatten } from '@core/path';
import { CATEGORIES, CATEGORY, modesOf, NECKLINES, type Piece, wear } from '@core/piece';
import { backSketchOf, sketchOf } from '@core/sketch';
import { describe, expect, it } from 'vitest';
import { stream } from '../../support/stream';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

type P = readonly [number, number];

/** Places where an outline crosses itself; touching and running along itself do not count. */
function crossings(ring: readonly P[]): number {
  const side = (a: P, b: P, c: P): number => (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
  const clear = 4;
  let count = 0;
  for (let i = 0; i < ring.length; i++) {
    const [a, b] = [sure(ring[i]), sure(ring[(i + 1) % ring.length])];
    for (let j = i + 2; j < ring.length; j++) {
      if (i === 0 && j === ring.length - 1) continue;
      const [c, d] = [sure(ring[j]), sure(ring[(j + 1) % ring.length])];
      const [p, q, r, s] = [side(a, b, c), side(a, b, d), side(c, d, a), side(c, d, b)];
      // A hair's breadth at a corner is no crossing: the ends must lie clearly on both sides.
      const far = (u: number, v: number, w: P, z: P): boolean =>
        u * v < 0 && Math.min(Math.abs(u), Math.abs(v)) / (Math.hypot(w[0] - z[0], w[1] - z[1]) || 1) > clear;
      if (far(p, q, a, b) && far(r, s, c, d)) count++;
    }
  }
  return count;
}

const BODIES = process.env.LONG ? 200 : 8;

/** Bodies as people are: girths go together, each with its own deviation. */
function bodies(): ReturnType<typeof bodyOf>[] {
  const random = stream(29);
  const between = (lo: number, hi: number): number => lo + random() * (hi - lo);
  return Array.from({ length: BODIES }, () => {
    const heightMm = between(1450, 2050);
    const bust = between(780, 1450);
    return bodyOf({ heightMm, bust, waist: bust - between(40, 260), hip: bust + between(-40, 160) });
  });
}

/** The same with shoulders and arms that the pieces of the rail were not cut for. */
function broader(body: ReturnType<typeof bodyOf>, i: number): ReturnType<typeof bodyOf> {
  const { heightMm, bust, waist, hip } = body;
  return bodyOf({
    ...{ heightMm, bust, waist, hip },
    shoulderWidth: 380 + ((i * 37) % 150),
    upperArm: 270 + ((i * 53) % 140),
  });
}

describe('outlines', () => {
  it('are known to cross when they do', () => {
    const bow: P[] = [
      [0, 0],
      [100, 100],
      [100, 0],
      [0, 100],
    ];
    const box: P[] = [
      [0, 0],
      [100, 0],
      [100, 100],
      [0, 100],
    ];
    expect([crossings(bow), crossings(box)]).toEqual([1, 0]);
  });

  it(`cross themselves nowhere: every kind, way of wearing and neckline on ${BODIES} bodies`, () => {
    const found = new Map<string, number>();
    const all = bodies();
    const others = all.map(broader);
    const check = (name: string, piece: Piece, on = all): void => {
      on.forEach((body, i) => {
        const frame = frameOf(body, i % 2 === 0);
        // Laid flat on every second body; on the others as worn, in front and behind.
        const seen = [
          sketchOf(frame, wear(piece)),
          ...(frame.flat ? [] : [backSketchOf(frame, wear(piece))]),
        ];
        for (const { path } of seen.flatMap(({ panels }) => panels))
          for (const ring of flatten(path)) {
            const times = crossings(ring as readonly P[]);
            if (times > 0) found.set(name, (found.get(name) ?? 0) + 1);
          }
      });
    };
    for (const category of CATEGORIES) {
      const piece = one(category, category, '#808080');
      for (const mode of modesOf(piece)) check(`${category} ${mode.id}`, { ...piece, mode: mode.id });
      if (!['upper', 'whole'].includes(CATEGORY[category].shape)) continue;
      const sheer = { fabric: { sheer: 'sheer', lined: false } } as const;
      for (const sleeve of ['short', 'long'] as const) {
        check(
          `${category} ${sleeve}, broad`,
          one(category, category, '#808080', { cut: { sleeve } }),
          others,
        );
        check(
          `${category} ${sleeve}, sheer`,
          one(category, category, '#808080', { ...sheer, cut: { sleeve } }),
        );
        check(
          `${category} ${sleeve}, sheer, broad`,
          one(category, category, '#808080', { ...sheer, cut: { sleeve } }),
          others,
        );
      }
      for (const neckline of NECKLINES)
        check(`${category} ${neckline}`, one(category, category, '#808080', { cut: { neckline } }));
    }
    expect(Object.fromEntries(found)).toEqual({});
  }, 600_000);

  it('of shoes cross nowhere either, whatever their toe and heel, and stand as high as they are', () => {
    const frame = frameOf(bodyOf({ heightMm: 1700 }), true);
    const kinds = CATEGORIES.filter((category) => CATEGORY[category].shape === 'shoe');
    expect(kinds.length).toBeGreaterThan(5);
    for (const category of kinds) {
      const tall: number[] = [];
      for (const heel of [10, 40, 70, 110])
        for (const toe of heel === 70
          ? (['round', 'almond', 'pointed', 'square', 'open'] as const)
          : (['round'] as const)) {
          const worn = wear(one(category, category, '#808080', { cut: { toe }, measures: { heel } }));
          const { panels } = sketchOf(frame, worn);
          const name = `${category} ${toe} ${heel}`;
          // The other shoe of the pair is the same once more.
          const near = panels.filter(({ under }) => !under);
          expect(panels.length, name).toBeGreaterThanOrEqual(2 * near.length);
          for (const ring of near.flatMap(({ path }) => flatten(path, 3))) {
            expect(ring.flat().every(Number.isFinite), name).toBe(true);
            expect(crossings(ring as readonly P[]), name).toBe(0);
          }
          if (toe === 'round') tall.push(boxOf(panels.map(({ path }) => path)).h);
        }
      // What the heel lifts is seen, but for what looking from above takes of it.
      tall.slice(1).forEach((height, i) => expect(height, category).toBeGreaterThan(sure(tall[i]) + 15));
    }
  });
});
