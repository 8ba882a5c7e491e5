import { bodyOf } from '@core/figure';
import { pieceFrom, wear } from '@core/piece';
import { svgPath } from '@core/path';
import { figureDrawing, type Item, layersOf, svgItems } from '@core/sketch';
import { paintPdf } from '@server/pdf/pdf-drawing';
import PDFDocument from 'pdfkit';
import { describe, expect, it, vi } from 'vitest';

describe('the PDF painter', () => {
  it('paints the very shapes of the SVG painter, in their order', () => {
    const body = bodyOf({ heightMm: 1700 });
    const worn = (['blouse', 'skirt', 'blazer', 'heel', 'scarf'] as const).map((category, i) =>
      wear(
        pieceFrom({
          id: category,
          category,
          colours: [
            { hex: '#27304a', share: 0.6 },
            { hex: '#b7a37a', share: 0.4 },
          ],
          pattern: i === 1 ? { kind: 'check', repeatMm: 80, contrast: 0.5 } : undefined,
        }),
      ),
    );
    const drawing = figureDrawing(layersOf(worn, body), body);
    const doc = new PDFDocument({ compress: false });
    const paths = vi.spyOn(doc, 'path');
    paintPdf(doc, drawing, { x: 40, y: 40, scale: 0.3 });
    const said = [...svgItems(drawing.items, 'x').matchAll(/<path d="([^"]*)"/g)].map(([, d]) => d);
    expect(said.length).toBeGreaterThan(40);
    // Every item in its order; a fill that lets through is no mask for its edge, which is drawn after it.
    const painted = (items: readonly Item[]): string[] =>
      items.flatMap((item) => {
        if (item.kind === 'group') return painted(item.items);
        const own = svgPath(item.path);
        if (item.kind === 'clip') return [own, ...painted(item.items)];
        return typeof item.fill === 'object' && item.stroke ? [own, own] : [own];
      });
    expect(paths.mock.calls.map(([d]) => d)).toEqual(painted(drawing.items));
    // What is drawn alike is one element there, and an outline that is clipped to more than once stands once.
    const outlines = (drawn: readonly (string | undefined)[]): string[] => [
      ...new Set(drawn.flatMap((d = '') => d.split(/\s*(?=M)/))),
    ];
    expect(outlines(paths.mock.calls.map(([d]) => d))).toEqual(outlines(said));
    doc.end();
  });
});
