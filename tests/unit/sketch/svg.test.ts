import { bodyOf } from '@core/figure';
import { circle, svgPath } from '@core/path';
import { CATEGORIES, pieceFrom } from '@core/piece';
import { flatOf, type Item, svgItems, svgOf } from '@core/sketch';
import { describe, expect, it } from 'vitest';

const line = (x: number, more: Partial<Extract<Item, { kind: 'path' }>> = {}): Item => ({
  kind: 'path',
  path: [
    ['M', x, 0],
    ['L', x, 10],
  ],
  stroke: '#26231f',
  strokeMm: 1,
  ...more,
});
const stops = [
  [0, '#000000', 0.2],
  [1, '#ffffff', 0],
] as const;
const lit = (x: number, shades: typeof stops | readonly (typeof stops)[number][] = stops): Item => ({
  kind: 'path',
  path: [['M', x, 0], ['L', x + 5, 0], ['L', x + 5, 5], ['Z']],
  fill: { from: [x, 0], to: [x + 5, 0], stops: shades },
});
const count = (text: string, what: RegExp): number => [...text.matchAll(what)].length;

describe('a drawing as SVG', () => {
  it('draws lines alike, one after the other, as one; any other by itself and in its place', () => {
    const one = svgItems([line(0), line(4), line(8)], 'a');
    expect(count(one, /<path/g)).toBe(1);
    const drawn = [0, 4, 8].map((x) => svgPath((line(x) as Extract<Item, { kind: 'path' }>).path));
    expect(one).toContain(`d="${drawn.join(' ')}"`);
    for (const other of [
      line(4, { strokeMm: 2 }),
      line(4, { stroke: '#ffffff' }),
      line(4, { dash: [2, 2] }),
      line(4, { opacity: 0.5 }),
      line(4, { fill: '#ffffff' }),
      { kind: 'group', id: 'g', items: [line(4)] },
      { kind: 'clip', path: [['M', 1, 1], ['Z']], items: [line(4)] },
    ] as const satisfies readonly Item[])
      expect([
        JSON.stringify(other),
        count(svgItems([line(0), other, line(8)], 'a'), /M ?[048][ ,]0/g),
      ]).toEqual([JSON.stringify(other), 3]);
    // Shapes of one colour as well, where they lie apart: a row of buttons is one element.
    const button = (y: number): Item => ({ ...lit(0), path: circle([0, y], 4), fill: '#26231f' }) as Item;
    expect([
      count(svgItems([button(0), button(20), button(40)], 'a'), /<path/g),
      count(svgItems([button(0), button(6)], 'a'), /<path/g),
      count(svgItems([button(0), lit(0), button(20)], 'a'), /<path/g),
    ]).toEqual([1, 2, 3]);
    // What is seen through is darker where it lies on its like: it stays two there, and is one where it lies apart.
    const faint = (...places: number[]) =>
      count(
        svgItems(
          places.map((x) => line(x, { opacity: 0.5 })),
          'a',
        ),
        /<path/g,
      );
    expect([faint(0, 4), faint(0, 4, 8), faint(0, 0.5), faint(0, 4, 0.5, 8), faint(0, 4, 8, 0.5)]).toEqual([
      1, 1, 2, 2, 2,
    ]);
  });

  it('writes the stops of a gradient once, and each with its own ends', () => {
    const text = svgItems([lit(0), lit(10), lit(20, [stops[1], stops[0]])], 'a');
    expect(count(text, /<linearGradient/g)).toBe(3);
    expect(count(text, /<stop/g)).toBe(4);
    expect(text).toContain(
      '<linearGradient id="a-f1" href="#a-f0" gradientUnits="userSpaceOnUse" x1="10" y1="0" x2="15" y2="0"/>',
    );
  });

  it('keeps names of two drawings in one page apart, and says nothing that is no text', () => {
    const [a, b] = [svgItems([lit(0)], 'a'), svgItems([lit(0)], 'b')];
    const ids = (text: string) => [...text.matchAll(/id="([^"]*)"/g)].map(([, id]) => id);
    expect(ids(a).filter((id) => ids(b).includes(id))).toEqual([]);
    const named = svgOf(
      { box: { x: 0, y: 0, w: 1, h: 1 }, items: [{ kind: 'group', id: '"<&', items: [] }] },
      'A <b> & "c"',
    );
    expect(named).toContain('aria-label="A &lt;b&gt; &amp; &quot;c&quot;"');
    expect(named).toContain('data-piece="&quot;&lt;&amp;"');
  });

  it.each(CATEGORIES)(
    'loses no shape of a %s, moves none, and names nothing that is not there',
    (category) => {
      const piece = pieceFrom({
        id: category,
        category,
        colours: [{ hex: '#3d5a7a', share: 1 }],
        pattern: { kind: 'stripe', repeatMm: 30, contrast: 40 },
      });
      const { items } = flatOf(piece, bodyOf({ heightMm: 1700 }));
      const shapes = (all: readonly Item[]): string[] =>
        all.flatMap((item) =>
          item.kind === 'path'
            ? [svgPath(item.path)]
            : item.kind === 'clip'
              ? [svgPath(item.path), ...shapes(item.items)]
              : shapes(item.items),
        );
      const text = svgItems(items, 'x');
      expect([...text.matchAll(/ d="([^"]*)"/g)].map(([, d]) => d).join(' ')).toBe(shapes(items).join(' '));
      const ids = new Set([...text.matchAll(/id="([^"]*)"/g)].map(([, id]) => id));
      const named = [...text.matchAll(/(?:url\(#|href="#)([^")]*)/g)].map(([, id]) => id);
      expect(named.filter((id) => !ids.has(id))).toEqual([]);
      expect(ids.size).toBe(count(text, / id="/g));
    },
  );
});
