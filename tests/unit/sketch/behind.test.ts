import { bodyOf, frameOf, type Hair } from '@core/figure';
import { boxOf } from '@core/path';
import { CATEGORIES, CATEGORY, type GivenPiece, modesOf, wear } from '@core/piece';
import { litFill, litOf } from '@core/sketch/paint/light';
import { backSketchOf, figureDrawing, layersOf, type Sketch, sketchOf, svgItems } from '@core/sketch';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

/** As the figure has them. */
const [HAIR_HEX, COVER_HEX] = ['#6b5747', '#d9d0bf'];
/** A colour as a form of it is filled: the stops of its light. */
const inLight = (hex: string, finish: 'matt' | 'soft'): string => {
  const { stops } = litFill(hex, litOf(hex, { texture: 'smooth', finish }), { x: 0, y: 0, w: 1, h: 1 });
  return stops.map(([at, shade]) => `<stop offset="${at}" stop-color="${shade}"/>`).join('');
};
const body = bodyOf({ heightMm: 1700 });
const frame = frameOf(body, false);
type Category = GivenPiece['category'];
const worn = (category: Category, more: Partial<GivenPiece> = {}) =>
  wear(one(category, category, '#445566', more));
const behind = (category: Category, more: Partial<GivenPiece> = {}): Sketch =>
  backSketchOf(frame, worn(category, more));
/** The lowest and the highest point of the cloth that lies on the body. */
const ends = ({ panels }: Sketch): readonly [top: number, low: number] => {
  const { y, h } = boxOf(panels.filter(({ under, inside }) => !under && !inside).map(({ path }) => path));
  return [y, y + h];
};

describe('a piece seen from behind', () => {
  it('hangs to the hem it has in front, in every way of wearing that leaves the hem alone', () => {
    for (const category of CATEGORIES) {
      if (!['upper', 'lower', 'whole'].includes(CATEGORY[category].shape)) continue;
      const piece = one(category, category, '#808080');
      for (const mode of modesOf(piece)) {
        const as = wear({ ...piece, mode: mode.id });
        const { tuck, waist, tied, as: instead } = as.effects;
        if ((tuck === 'front' || tuck === 'half' || waist === 'knotted' || tied) ?? instead) continue;
        const [, front] = ends(sketchOf(frame, as));
        const [, back] = ends(backSketchOf(frame, as));
        expect(Math.abs(front - back), `${category} ${mode.id}`).toBeLessThan(60);
      }
    }
  });
  it('what is tucked in front alone hangs out, and a longer back hem is as long as it was measured', () => {
    const [, front] = ends(sketchOf(frame, worn('shirt', { mode: 'front-tuck' })));
    const [, back] = ends(behind('shirt', { mode: 'front-tuck' }));
    expect(back).toBeGreaterThan(front - 30);
    expect(back).toBeCloseTo(ends(behind('shirt', { mode: 'untucked' }))[1], 0);
    const long = { length: 650, lengthBack: 760 };
    expect(
      ends(behind('tee', { measures: long }))[1] - ends(behind('tee', { measures: { length: 650 } }))[1],
    ).toBeCloseTo(110, 0);
  });
  it('is closed: no gap of an open coat, no buttons, no placket, no pocket of the front', () => {
    for (const category of ['coat', 'blazer', 'cardigan', 'raincoat', 'shirt'] as const) {
      const back = behind(category, { mode: modesOf(one('x', category, '#808080')).at(-1)?.id });
      expect(back.dots, category).toEqual([]);
      const body = back.panels.filter(({ under }) => !under)[0];
      const { x, w } = boxOf(body ? [body.path] : []);
      expect(x, category).toBeLessThan(-100);
      expect(x + w, category).toBeGreaterThan(100);
    }
  });
  it('a neckline lies high unless the back is cut low, and a low one bares it', () => {
    // The first point of a half is the middle of the neck.
    const neck = (more: Partial<GivenPiece>): number => {
      const [main] = behind('dress', more).panels.filter(({ under, inside }) => !under && !inside);
      const [start] = main?.path ?? [];
      return (start?.[2] as number) - frame.y.neck;
    };
    expect(neck({ cut: { neckline: 'v', necklineDepthMm: 260 } })).toBeLessThan(40);
    expect(neck({ cut: { neckline: 'v', back: 'low' } })).toBeGreaterThan(250);
    expect(neck({ cut: { neckline: 'crew', back: 'open' } })).toBeGreaterThan(350);
  });
  it('right and left change places', () => {
    const [front, back] = [sketchOf(frame, worn('bag')), behind('bag')];
    const middle = ({ panels }: Sketch): number => {
      const { x, w } = boxOf(panels.map(({ path }) => path));
      return x + w / 2;
    };
    expect(Math.abs(middle(front))).toBeGreaterThan(40);
    expect(middle(back)).toBeCloseTo(-middle(front), 3);
  });
  it('shows no buckle, brooch, tie or scarf ends; of a necklace the nape, of a shawl the whole', () => {
    expect(behind('belt').panels.every(({ tone }) => tone !== 'metal')).toBe(true);
    for (const category of ['brooch', 'tie', 'pocket-square', 'sunglasses'] as const)
      expect(behind(category).panels, category).toEqual([]);
    expect(ends(behind('scarf'))[1]).toBeLessThan(frame.y.bust);
    expect(ends(behind('necklace'))[1]).toBeLessThan(frame.y.tip + 40);
    expect(behind('shawl').panels).toHaveLength(1);
  });
});

describe('a figure seen from behind', () => {
  const look = [worn('shirt'), worn('trousers'), worn('loafer'), worn('hat')];
  it('wears the same pieces, each a group of its own, in a box of the same size', () => {
    const [front, back] = (['front', 'back'] as const).map((side) =>
      figureDrawing(layersOf(look, body), body, { hair: 'down' }, side),
    );
    const ids = (drawing: typeof front): string[] =>
      (drawing?.items ?? []).flatMap((item) =>
        item.kind === 'group' && !/^(person|$)/.test(item.id) ? [item.id] : [],
      );
    expect(ids(back)).toEqual(ids(front));
    expect(back?.box.h).toBeCloseTo(front?.box.h ?? 0, -1);
    expect(svgItems(back?.items ?? [], 'b')).not.toMatch(/NaN|undefined/);
  });
  it('hair that is down lies over the collar and under the hat', () => {
    const groups = figureDrawing(layersOf(look, body), body, { hair: 'down' }, 'back').items.flatMap((item) =>
      item.kind === 'group' ? [item.id] : [],
    );
    expect(groups.slice(-3)).toEqual(['shirt', 'person:hair', 'hat']);
  });
  it('hair that is kept covered is never drawn, from either side, whatever is worn on the head', () => {
    for (const side of ['front', 'back'] as const)
      for (const pieces of [look, look.slice(0, 3)]) {
        const drawn = (hair: Hair): string =>
          svgItems(figureDrawing(layersOf(pieces, body), body, { hair }, side).items, 'p');
        expect(drawn('down')).toContain(inLight(HAIR_HEX, 'soft'));
        expect(drawn('covered')).not.toContain(inLight(HAIR_HEX, 'soft'));
        // And no bare head instead of it: a plain cloth.
        expect(drawn('covered')).toContain(inLight(COVER_HEX, 'matt'));
      }
  });
});
