import { armHalf, bodyOf, frameOf, legTo, onArm, outlineOf, shoulderAt } from '@core/figure';
import { boxOf, flatten, type Path, type Point } from '@core/path';
import { type GivenPiece, pieceFrom, wear, type Worn } from '@core/piece';
import { figureDrawing, type Item, layersOf, sketchOf } from '@core/sketch';
import { hasTails } from '@core/sketch/upper/hems';
import { describe, expect, it } from 'vitest';
import { stream } from '../../support/stream';
import { sure } from '../../support/sure';

const worn = (given: Partial<GivenPiece> & Pick<GivenPiece, 'category'>): Worn =>
  wear(pieceFrom({ id: given.category, colours: [{ hex: '#445566', share: 1 }], ...given }));

/** Whether a point lies within a closed path, by how often a line from it crosses the outline. */
const isWithin = ([x, y]: Point, path: Path): boolean =>
  flatten(path).some((ring) =>
    ring.reduce((inside, [ax, ay], i) => {
      const [bx, by] = sure(ring[(i + 1) % ring.length]);
      return ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax ? !inside : inside;
    }, false),
  );

/** Bodies whose legs and hips go their own ways: what hangs on the rail was cut for none of them. */
function bodies(count: number) {
  const random = stream(41);
  const between = (lo: number, hi: number): number => lo + random() * (hi - lo);
  return Array.from({ length: count }, () => {
    const hip = between(820, 1450);
    return bodyOf({
      heightMm: between(1450, 2000),
      hip,
      waist: hip * between(0.66, 0.95),
      bust: hip * between(0.85, 1.1),
      thigh: hip * between(0.52, 0.66),
      calf: between(300, 480),
    });
  });
}

describe('cloth on a leg', () => {
  it.each([
    ['leggings', worn({ category: 'leggings', measures: { thigh: 440, legOpening: 180 } })],
    [
      'skinny jeans',
      worn({ category: 'jeans', cut: { leg: 'skinny' }, measures: { thigh: 460, legOpening: 230 } }),
    ],
    ['jeans in boots', worn({ category: 'jeans', mode: 'in-boots' })],
    ['trousers', worn({ category: 'trousers', cut: { leg: 'slim' }, measures: { thigh: 500 } })],
    ['shorts', worn({ category: 'shorts', measures: { thigh: 480, inseam: 300 } })],
  ])('lies on it and never in it: %s', (_name, piece) => {
    for (const body of bodies(40)) {
      const frame = frameOf(body, false);
      const [panel] = sketchOf(frame, piece).panels;
      const { path } = sure(panel);
      const { y, h } = boxOf([path]);
      const { outside, inside } = legTo(frame, y + h - 60);
      expect(outside.length).toBeGreaterThan(0);
      // A curve through points may run a hair within a straight line between them.
      for (const [x, at] of outside) expect([at, isWithin([x - 4, at], path)]).toEqual([at, true]);
      for (const [x, at] of inside) expect([at, isWithin([x + 4, at], path)]).toEqual([at, true]);
    }
  });
  it('keeps its own width where it is wider than the leg', () => {
    const body = bodyOf({ heightMm: 1700, hip: 940, thigh: 520, calf: 340 });
    const frame = frameOf(body, false);
    const wide = worn({
      category: 'trousers',
      cut: { leg: 'wide' },
      measures: { legOpening: 640, thigh: 700 },
    });
    const { path } = sure(sketchOf(frame, wide).panels[0]);
    expect(boxOf([path]).w).toBeGreaterThan(2 * (frame.legX(0) + frame.tube(640) / 2) - 30);
  });
});

describe('cloth on shoulders and arms', () => {
  const UPPERS = [
    worn({ category: 'tee' }),
    worn({ category: 'shirt' }),
    worn({ category: 'fine-knit', cut: { neckline: 'roll' } }),
    worn({ category: 'sweatshirt' }),
    worn({ category: 'dress', cut: { sleeve: 'long' } }),
  ];
  /** Shoulders and arms that no garment of the rail was cut for. */
  const shoulders = [380, 420, 470, 520].map((shoulderWidth, i) =>
    bodyOf({ heightMm: 1600 + i * 80, bust: 860 + i * 120, upperArm: 260 + i * 40, shoulderWidth }),
  );

  it('a seam lies on the shoulder: from the neck outwards no skin is seen above it', () => {
    for (const body of shoulders)
      for (const piece of UPPERS) {
        const frame = frameOf(body, false);
        const panels = sketchOf(frame, piece).panels.filter(({ inside }) => !inside);
        // Where the seam runs: from beside the neck to where the garment is as wide as it was cut.
        const end = Math.min(frame.shoulderHalf * 0.88, (piece.measures.shoulder ?? 400) / 2 - 12);
        for (let x = frame.neckHalf * 1.36; x < end; x += 8) {
          const at: Point = [x, shoulderAt(frame, x) + 3];
          expect([
            piece.piece.category,
            body.heightMm,
            x,
            panels.some(({ path }) => isWithin(at, path)),
          ]).toEqual([piece.piece.category, body.heightMm, x, true]);
        }
      }
  });
  it('the slope of a shoulder goes on past its bone, and never back up', () => {
    const frame = frameOf(bodyOf({ heightMm: 1680 }), false);
    const heights = Array.from({ length: 30 }, (_, i) => shoulderAt(frame, frame.neckHalf + i * 8));
    heights.slice(1).forEach((y, i) => expect(y).toBeGreaterThanOrEqual(sure(heights[i])));
    expect(shoulderAt(frame, frame.shoulderHalf)).toBeGreaterThan(
      shoulderAt(frame, frame.shoulderHalf * 0.9),
    );
  });
  it('an arm that is in a long sleeve is in it from the shoulder on, however narrow the piece was measured', () => {
    for (const body of shoulders)
      for (const piece of [
        worn({ category: 'shirt', measures: { shoulder: 360, upperArm: 280 } }),
        worn({ category: 'sweatshirt' }),
        worn({ category: 'blazer', mode: 'closed', measures: { shoulder: 380 } }),
      ]) {
        const frame = frameOf(body, false);
        const panels = sketchOf(frame, piece).panels.filter(({ inside }) => !inside);
        const length = Math.min(piece.measures.sleeve ?? 600, body.armLength) * 0.9;
        for (let along = length * 0.06; along < length; along += 20)
          for (const across of [-0.38, 0, 0.55]) {
            const at = onArm(frame, along, across * armHalf(frame));
            expect([
              piece.piece.category,
              along,
              across,
              panels.some(({ path }) => isWithin(at, path)),
            ]).toEqual([piece.piece.category, along, across, true]);
          }
      }
  });
  it('a sleeve ends at its armhole where that is seen: in cloth that hides it, it goes on under the body', () => {
    const frame = frameOf(bodyOf({ heightMm: 1680 }), false);
    const sleeveOn = (sheer: 'opaque' | 'semi' | 'sheer', lined = false): boolean => {
      const shirt = worn({ category: 'shirt', fabric: { sheer, lined } });
      const within: Point = [(shirt.measures.shoulder ?? 400) / 2 - 34, frame.y.tip + 70];
      return sketchOf(frame, shirt).panels.some(({ under, path }) => under && isWithin(within, path));
    };
    expect([sleeveOn('opaque'), sleeveOn('semi'), sleeveOn('sheer'), sleeveOn('sheer', true)]).toEqual([
      true,
      false,
      false,
      true,
    ]);
  });
  it('a shirt that hangs out is rounded up to its side seams, and is as long as it was measured', () => {
    const frame = frameOf(bodyOf({ heightMm: 1680 }), false);
    const [shirt, tucked] = (['untucked', 'full-tuck'] as const).map((mode) =>
      worn({ category: 'shirt', mode }),
    );
    const body = sure(
      sketchOf(frame, sure(shirt)).panels.find(({ under, inside }) => !under && !inside),
    ).path;
    const hem = frame.y.neck + (sure(shirt).measures.length ?? 0);
    const { w } = boxOf([body]);
    expect(
      Math.max(
        ...flatten(body)
          .flat()
          .map(([, y]) => y),
      ),
    ).toBeCloseTo(hem, 0);
    expect(isWithin([0, hem - 5], body)).toBe(true);
    expect(isWithin([w * 0.38, hem - 5], body)).toBe(false);
    expect(hasTails(sure(tucked))).toBe(false);
  });
});

describe('shoes from the front', () => {
  const KINDS = ['sneaker', 'loafer', 'flat', 'heel', 'sandal', 'ankle-boot', 'tall-boot'] as const;
  const frame = frameOf(bodyOf({ heightMm: 1680 }), false);
  it('are told from each other by what is on them, and stand on the ground they are measured for', () => {
    const drawn = KINDS.map((category) => sketchOf(frame, worn({ category })));
    const said = drawn.map(({ panels, lines }) =>
      JSON.stringify([panels.length, lines.map(({ kind }) => kind)]),
    );
    // A flat and a court shoe have the same parts: they differ in how the foot stands in them.
    expect(new Set(said).size).toBeGreaterThanOrEqual(KINDS.length - 2);
    KINDS.forEach((category, i) => {
      const { y, h } = boxOf(sure(drawn[i]).panels.map(({ path }) => path));
      expect([category, y + h]).toEqual([
        category,
        expect.closeTo(worn({ category }).measures.heel ?? 0, -1),
      ]);
    });
  });
  it('leave the foot bare between the straps of a flat sandal, and a foot on a heel has none of its toe on air', () => {
    const at: Point = [frame.legX(frame.y.ankle) + 5, -34];
    const covers = (category: 'sandal' | 'sneaker', heel: number): boolean =>
      sketchOf(frame, worn({ category, measures: { heel } })).panels.some(({ path }) => isWithin(at, path));
    expect([covers('sandal', 15), covers('sneaker', 25)]).toEqual([false, true]);
    const high = sketchOf(frame, worn({ category: 'sandal', measures: { heel: 80 } })).panels;
    for (const y of [5, 30, 60])
      expect([y, high.some(({ path }) => isWithin([frame.legX(frame.y.ankle) + 5, y], path))]).toEqual([
        y,
        true,
      ]);
  });
});

describe('arms beside a skirt', () => {
  const body = bodyOf({ heightMm: 1700 });
  const hand = boxOf([sure(outlineOf(frameOf(body, false)).arms[0])]);
  const wide = worn({ category: 'skirt', cut: { silhouette: 'full' } });
  const narrow = worn({ category: 'skirt', cut: { silhouette: 'pencil' } });
  const knit = worn({ category: 'fine-knit', mode: 'full-tuck' });
  const tee = worn({ category: 'tee', mode: 'full-tuck' });
  /** What is painted after the skirt, by the clips that hold it: the arms have one that begins at the waist. */
  const after = (pieces: readonly Worn[], side?: 'front' | 'back'): Item[] => {
    const { items } = figureDrawing(layersOf(pieces, body), body, {}, side);
    const at = items.findIndex((item) => item.kind === 'group' && item.id === 'skirt');
    return items.slice(at + 1).filter((item) => item.kind === 'clip' && boxOf([item.path]).w > 2000);
  };
  const shapes = (items: readonly Item[]): Path[] =>
    items.flatMap((item) => (item.kind === 'path' ? [item.path] : shapes(item.items)));

  it('lie on one that spreads beneath them, from in front and from behind', () => {
    for (const side of ['front', 'back'] as const) {
      const [arms] = after([tee, wide], side);
      const box = boxOf(shapes([sure(arms)]));
      // The light on them reaches a little further.
      expect(Math.abs(box.x + hand.x + hand.w)).toBeLessThan(5);
      expect(Math.abs(box.w / 2 - hand.x - hand.w)).toBeLessThan(5);
    }
  });
  it('go in their sleeves, as long as these are', () => {
    const reach = (piece: Worn): number => {
      const [, sleeves] = after([piece, wide]);
      const all = shapes([sure(sleeves)]);
      return all.length === 0 ? -Infinity : boxOf(all).y + boxOf(all).h;
    };
    expect(reach(knit)).toBeGreaterThan(frameOf(body, false).y.wrist - 80);
    expect(reach(tee)).toBeLessThan(frameOf(body, false).y.elbow);
  });
  it('are left where they are beside a narrow one, and under trousers', () => {
    expect(after([tee, narrow])).toEqual([]);
    const { items } = figureDrawing(layersOf([tee, worn({ category: 'trousers' })], body), body);
    expect(items.filter((item) => item.kind === 'clip' && boxOf([item.path]).w > 2000)).toEqual([]);
  });
  it('are the very same items as long as body and clothes are: nothing is painted anew', () => {
    const pieces = [knit, wide];
    const [first, again] = [after(pieces), after(pieces)];
    expect(first.length).toBe(2);
    expect(again.every((item, i) => item === first[i])).toBe(true);
  });
});
