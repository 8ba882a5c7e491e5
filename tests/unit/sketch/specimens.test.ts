import { bodyOf, frameOf } from '@core/figure';
import { boxOf, type Path } from '@core/path';
import { CATEGORIES, CATEGORY, type Category, PATTERN_KINDS, wear } from '@core/piece';
import {
  type Bits,
  countBits,
  emptyBits,
  figureDrawing,
  fillPath,
  flatOf,
  type Grid,
  layersOf,
  sketchOf,
  SPECIMENS,
  svgOf,
  wayLooks,
} from '@core/sketch';
import { patternOver } from '@core/sketch/paint/pattern';
import { describe, expect, it } from 'vitest';

const body = bodyOf({ heightMm: 1700 });

describe('specimens', () => {
  it('draw every category, neckline, leg, cloth and way without a fault', () => {
    const all = SPECIMENS.flatMap((group) => group.specimens);
    expect(new Set(all.map(({ piece }) => piece.category)).size).toBe(CATEGORIES.length);
    for (const { title, piece } of all)
      expect(svgOf(flatOf(piece, body), title), title).not.toMatch(/NaN|undefined|Infinity/);
    const ways = wayLooks();
    expect(ways.length).toBeGreaterThan(55);
    for (const { title, pieces } of ways)
      expect(svgOf(figureDrawing(layersOf(pieces.map(wear), body), body), title), title).not.toMatch(
        /NaN|undefined|Infinity/,
      );
  });

  it('show each way of wearing: no two modes of a piece look alike on the figure', () => {
    const seen = new Map<string, string>();
    // Belts, hats and the like have one way; these ways change what lies beneath or inside, not the front.
    const alike = new Set(['dress: as a skirt']);
    for (const { title, pieces } of wayLooks()) {
      const drawing = svgOf(figureDrawing(layersOf(pieces.map(wear), body), body), 'x');
      const before = seen.get(drawing);
      if (!alike.has(title)) expect(before, `${title} looks like ${before}`).toBeUndefined();
      seen.set(drawing, title);
    }
  });
});

const FINE: Grid = { x0: -700, y0: -2100, columns: 288, rows: 430, mm: 5 };
const TINY: Grid = { x0: -120, y0: -400, columns: 256, rows: 800, mm: 1 };

/** Cells of a flat outline at true scale, moved so that top and middle meet. */
function outline(category: Category, grid: Grid): Bits {
  const specimen = SPECIMENS[0]?.specimens.find(({ piece }) => piece.category === category);
  if (!specimen) throw new Error(category);
  const panels: Path[] = sketchOf(frameOf(body, true), wear(specimen.piece))
    .panels.filter((panel) => !panel.inside)
    .map((panel) => panel.path);
  const box = boxOf(panels);
  const [dx, dy] = [-(box.x + box.w / 2), grid.y0 + 20 - box.y];
  const bits = emptyBits(grid);
  for (const path of panels)
    fillPath(
      path.map(
        (step) =>
          step.map((v, i) =>
            i === 0 ? v : (v as number) + (i % 2 === 1 ? dx : dy),
          ) as unknown as Path[number],
      ),
      bits,
      grid,
    );
  return bits;
}

const overlap = (a: Bits, b: Bits): number => {
  const both = countBits(a.map((word, i) => word & (b[i] ?? 0)));
  return both / (countBits(a) + countBits(b) - both);
};

/** Told apart by rivets, topstitching, yoke and denim, not by outline: both cover the same legs in the same cut. */
const ONE_OUTLINE = new Set(['trousers and jeans']);

describe('outlines at true scale', () => {
  it('are never the same for two categories: intersection over union at most 0.9', () => {
    const small = (category: Category): boolean =>
      CATEGORY[category].shape === 'jewel' || category === 'headpiece';
    for (const grid of [FINE, TINY]) {
      const group = CATEGORIES.filter((category) => small(category) === (grid === TINY));
      const shapes = group.map((category) => [category, outline(category, grid)] as const);
      for (const [category, shape] of shapes) expect(countBits(shape), category).toBeGreaterThan(8);
      for (const [i, [one, a]] of shapes.entries()) {
        for (const [other, b] of shapes.slice(i + 1)) {
          if (!ONE_OUTLINE.has(`${one} and ${other}`))
            expect(overlap(a, b), `${one} and ${other}`).toBeLessThanOrEqual(0.9);
        }
      }
    }
  });
});

describe('patterns', () => {
  const GRID: Grid = { x0: 0, y0: 0, columns: 320, rows: 300, mm: 2 };

  const kinds = PATTERN_KINDS.filter((kind) => kind !== 'solid' && kind !== 'graphic');
  const turned = (['stripe', 'check'] as const).map((kind) => [kind, 0.31] as const);

  it.each([...kinds.map((kind) => [kind, 0] as const), ...turned])(
    '%s, turned by %f: drawn shares stand within 5 points of the stated',
    (kind, turn) => {
      for (const shares of [
        [0.7, 0.3],
        [0.62, 0.24, 0.14],
        [0.85, 0.15],
      ]) {
        const colours = shares.map((share, i) => ({
          hex: ['#000000', '#808080', '#ffffff'][i] ?? '#123456',
          share,
        }));
        const specimen = SPECIMENS[0]?.specimens[0]?.piece;
        if (!specimen) throw new Error('no specimen');
        const items = patternItems(
          { ...specimen, colours, pattern: { kind, repeatMm: 60, contrast: 0.6 } },
          turn,
        );
        // Later colours lie over earlier ones, as they are drawn.
        const drawnOver = shares.map(() => emptyBits(GRID));
        items.forEach((path, i) => {
          const laid = emptyBits(GRID);
          fillPath(path, laid, GRID);
          drawnOver.forEach((bits, mark) =>
            bits.forEach((word, w) => {
              bits[w] = mark === i + 1 ? word | (laid[w] ?? 0) : word & ~(laid[w] ?? 0);
            }),
          );
        });
        const cloth = GRID.columns * GRID.rows;
        const counts = drawnOver.map(countBits);
        counts[0] = cloth - counts.reduce((sum, cells) => sum + cells, 0);
        shares.forEach((share, i) => {
          const drawn = (counts[i] ?? 0) / cloth;
          expect(
            Math.abs(drawn - share),
            `${kind} ${shares.join('/')} colour ${i}: ${drawn.toFixed(3)}`,
          ).toBeLessThanOrEqual(0.05);
        });
      }
    },
  );
});

/** Paths of the colours after the ground, over 640 × 600 mm of cloth. */
function patternItems(piece: Parameters<typeof patternOver>[0], turn: number): Path[] {
  return patternOver(piece, { x: 0, y: 0, w: 640, h: 600 }, turn)
    .slice(1)
    .flatMap((item) => (item.kind === 'path' ? [item.path] : []));
}
