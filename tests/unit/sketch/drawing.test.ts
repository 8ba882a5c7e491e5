import { bodyOf } from '@core/figure';
import { flatten, type Path, svgPath } from '@core/path';
import { CATEGORIES, CATEGORY, modesOf, pieceFrom, wear } from '@core/piece';
import { areasOf, figureDrawing, flatOf, type Item, layersOf, sketchOf, svgOf } from '@core/sketch';
import { frameOf } from '@core/figure';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyLook, anyPiece, one } from '../../support/pieces';

const anyBody = fc
  .record({
    heightMm: fc.integer({ min: 1400, max: 2050 }),
    bust: fc.integer({ min: 700, max: 1700 }),
    waist: fc.integer({ min: 600, max: 1700 }),
    hip: fc.integer({ min: 700, max: 1700 }),
  })
  .map(bodyOf);

const paths = (items: readonly Item[]): Path[] =>
  items.flatMap((item) =>
    item.kind === 'path'
      ? [item.path]
      : item.kind === 'clip'
        ? [item.path, ...paths(item.items)]
        : paths(item.items),
  );
const finite = (path: Path): boolean =>
  path.every((step) => step.slice(1).every((value) => Number.isFinite(value)));

describe('flat sketches', () => {
  it.each(CATEGORIES)('draws a %s: closed panels, no NaN, inside its box', (category) => {
    const piece = pieceFrom({
      id: category,
      category,
      colours: [
        { hex: '#56663f', share: 0.7 },
        { hex: '#f3ecdc', share: 0.3 },
      ],
      pattern: { kind: 'stripe', repeatMm: 40, contrast: 0.6 },
    });
    for (const mode of modesOf(piece)) {
      const drawing = flatOf({ ...piece, mode: mode.id }, bodyOf({ heightMm: 1680 }));
      expect(paths(drawing.items).every(finite), mode.id).toBe(true);
      expect(drawing.box.w).toBeGreaterThan(5);
      expect(drawing.box.h).toBeGreaterThan(5);
      expect(svgOf(drawing, category)).not.toContain('NaN');
    }
  });

  it('holds for any valid piece on any body, worn and flat', () => {
    fc.assert(
      fc.property(anyPiece, anyBody, fc.boolean(), (piece, body, flat) => {
        const sketch = sketchOf(frameOf(body, flat), wear(piece));
        for (const panel of sketch.panels) {
          expect(finite(panel.path)).toBe(true);
          if (panel.path.length > 0) expect(svgPath(panel.path).endsWith('Z')).toBe(true);
        }
        for (const line of sketch.lines) expect(finite(line.path)).toBe(true);
        for (const ring of sketch.panels.flatMap((panel) => flatten(panel.path))) {
          for (const [x, y] of ring) expect(Math.max(Math.abs(x), Math.abs(y))).toBeLessThan(4000);
        }
      }),
      { numRuns: 400 },
    );
  });

  it('is the same left and right unless the cut is not', () => {
    const symmetric = CATEGORIES.filter(
      (category) =>
        CATEGORY[category].shape === 'upper' ||
        CATEGORY[category].shape === 'lower' ||
        CATEGORY[category].shape === 'whole',
    );
    for (const category of symmetric) {
      const xs = sketchOf(frameOf(bodyOf({}), true), wear(one('x', category, '#808080'))).panels.flatMap(
        (panel) =>
          flatten(panel.path)
            .flat()
            .map(([x]) => x),
      );
      expect(Math.abs(Math.max(...xs) + Math.min(...xs)), category).toBeLessThan(1);
    }
    const lone = sketchOf(
      frameOf(bodyOf({}), true),
      wear(one('x', 'dress', '#808080', { cut: { neckline: 'one-shoulder', sleeve: 'long' } })),
    );
    const xs = lone.panels.flatMap((panel) =>
      flatten(panel.path)
        .flat()
        .map(([x]) => x),
    );
    expect(Math.abs(Math.max(...xs) + Math.min(...xs))).toBeGreaterThan(50);
  });

  it('grows with its measures, at true scale', () => {
    const width = (bust: number): number =>
      flatOf(one('x', 'tank', '#808080', { measures: { bust, waist: bust, hip: bust } }), bodyOf({})).box.w;
    // A flat is half of the girth wide; 12 mm are the margin.
    expect(width(1000) - 12).toBeCloseTo(500, 0);
    expect(width(1200) - width(1000)).toBeCloseTo(100, 0);
  });
});

describe('the figure', () => {
  it('never breaks over the whole range of bodies', () => {
    fc.assert(
      fc.property(anyLook, anyBody, (look, body) => {
        const layers = layersOf(look.map(wear), body);
        const drawing = figureDrawing(layers, body);
        expect(paths(drawing.items).every(finite)).toBe(true);
        const areas = areasOf(layers);
        const sum = [...areas.pieces.values()].reduce((a, b) => a + b, 0);
        expect(areas.cells === 0 ? 0 : sum).toBeCloseTo(areas.cells === 0 ? 0 : 1, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('hides what is beneath: an open coat shows the dress, a closed one hides most of it', () => {
    const dress = one('dress', 'dress', '#b3222e');
    const seen = (mode: string): number => {
      const layers = layersOf(
        [dress, one('coat', 'coat', '#22242c', { mode })].map(wear),
        bodyOf({ heightMm: 1700 }),
      );
      return areasOf(layers).pieces.get('dress') ?? 0;
    };
    expect(seen('open')).toBeGreaterThan(seen('buttoned') + 0.05);
  });

  it('tucks: a tucked shirt shows less than the same worn out', () => {
    const shown = (mode: string): number => {
      const layers = layersOf(
        [one('shirt', 'shirt', '#ffffff', { mode }), one('trousers', 'trousers', '#20222b')].map(wear),
        bodyOf({ heightMm: 1700 }),
      );
      return areasOf(layers).pieces.get('shirt') ?? 0;
    };
    expect(shown('full-tuck')).toBeLessThan(shown('untucked') - 0.05);
  });
});
