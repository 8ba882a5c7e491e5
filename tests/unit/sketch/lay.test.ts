import { bodyOf } from '@core/figure';
import { boxOf, type Path } from '@core/path';
import { type Drawing, flatOf, type Item, laidOut } from '@core/sketch';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

const body = bodyOf({ heightMm: 1700 });
const flats = (['blazer', 'trousers', 'blouse', 'loafer', 'scarf', 'earrings', 'dress'] as const).map(
  (category) => flatOf(one(category, category, '#22543d'), body),
);
const pathsOf = (items: readonly Item[]): Path[] =>
  items.flatMap((item) => (item.kind === 'group' ? pathsOf(item.items) : [item.path]));
const square = (w: number, h: number): Drawing => ({
  box: { x: -w / 2, y: 40, w, h },
  items: [
    {
      kind: 'path',
      path: [
        ['M', -w / 2, 40],
        ['L', w / 2, 40 + h],
      ],
      fill: '#000000',
    },
  ],
});

describe('pieces laid out flat', () => {
  it('keeps all of them, to one scale, within the sheet', () => {
    const laid = laidOut(flats);
    expect(pathsOf(laid.items).length).toBe(flats.flatMap(({ items }) => pathsOf(items)).length);
    const all = boxOf(pathsOf(laid.items));
    expect(all.x).toBeGreaterThan(-20);
    expect(all.x + all.w).toBeLessThan(laid.box.w + 20);
    expect(all.y + all.h).toBeLessThan(laid.box.h + 20);
  });
  it('lets none lie on another, and comes near a square', () => {
    const laid = laidOut([square(300, 600), square(500, 500), square(400, 900), square(100, 100)]);
    const boxes = laid.items.map((item) => boxOf(pathsOf([item])));
    for (const [i, a] of boxes.entries())
      for (const b of boxes.slice(i + 1))
        expect(a.x + a.w <= b.x || b.x + b.w <= a.x || a.y + a.h <= b.y || b.y + b.h <= a.y).toBe(true);
    const ratio = laid.box.w / laid.box.h;
    expect(ratio).toBeGreaterThan(0.5);
    expect(ratio).toBeLessThan(2);
  });
  it('moves the light with the cloth', () => {
    const lit: Drawing = {
      box: { x: 100, y: 100, w: 10, h: 10 },
      items: [
        {
          kind: 'path',
          path: [
            ['M', 100, 100],
            ['L', 110, 110],
          ],
          fill: { from: [100, 100], to: [110, 100], stops: [[0, '#ffffff', 1]] },
        },
      ],
    };
    const [item] = laidOut([lit]).items;
    expect(item).toMatchObject({ fill: { from: [0, 0], to: [10, 0] } });
  });
  it('lays out nothing where there is nothing', () => {
    expect(laidOut([])).toEqual({ box: { x: 0, y: 0, w: 0, h: 0 }, items: [] });
  });
});
