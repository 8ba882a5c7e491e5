import { svgPath } from '@core/path';
import type { Drawing, Item } from '@core/sketch';

type Doc = PDFKit.PDFDocument;

/** Where a drawing goes on the page, points; `scale` is points per mm of the drawing. */
export interface Place {
  readonly x: number;
  readonly y: number;
  readonly scale: number;
}

/** Paints a display list into a PDF: the same shapes in the same order as the SVG painters. */
export function paintPdf(doc: Doc, drawing: Drawing, { x, y, scale }: Place): void {
  doc.save();
  doc.translate(x - drawing.box.x * scale, y - drawing.box.y * scale).scale(scale);
  doc.lineJoin('round').lineCap('round');
  for (const item of drawing.items) paintItem(doc, item, 1);
  doc.restore();
}

function paintItem(doc: Doc, item: Item, opacity: number): void {
  if (item.kind === 'group') {
    for (const each of item.items) paintItem(doc, each, opacity);
    return;
  }
  const own = opacity * (item.opacity ?? 1);
  if (item.kind === 'clip') {
    doc.save();
    doc.path(svgPath(item.path)).clip();
    for (const each of item.items) paintItem(doc, each, own);
    doc.restore();
    return;
  }
  doc.save();
  doc.fillOpacity(own).strokeOpacity(own);
  if (item.stroke) doc.lineWidth(item.strokeMm ?? 2).strokeColor(item.stroke);
  if (item.dash) doc.dash(item.dash[0] ?? 4, { space: item.dash[1] ?? item.dash[0] ?? 4 });
  const path = doc.path(svgPath(item.path));
  if (typeof item.fill === 'object') {
    const { from, to, stops } = item.fill;
    const gradient = doc.linearGradient(from[0], from[1], to[0], to[1]);
    for (const [at, hex, strength] of stops) gradient.stop(at, hex, strength * own);
    // A gradient that lets through does so by a mask, which is not to lie on the line as well.
    doc.save();
    path.fill(gradient);
    doc.restore();
    if (item.stroke) doc.path(svgPath(item.path)).stroke();
  } else if (item.fill && item.stroke) path.fillAndStroke(item.fill, item.stroke);
  else if (item.fill) path.fill(item.fill);
  else path.stroke();
  doc.restore();
}
