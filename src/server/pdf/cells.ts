import type { Drawing } from '@core/sketch';
import { FONT, INK, type Sheet } from './document';
import { paintPdf } from './pdf-drawing';

/** Ground of a figure: light enough to be ink on paper; lists stand on the paper itself. */
const STAGE = '#efede7';
const HAIRLINE = '#d8d2c6';

/** A picture with what is written below it. */
export interface Cell {
  readonly drawing: Drawing;
  /** What is in it, for whoever does not see it. */
  readonly alt: string;
  readonly title?: string;
  readonly lines: readonly string[];
}

interface CellRow {
  readonly abreast: number;
  /** Height of each picture, points. */
  readonly tall: number;
  readonly gap: number;
  readonly small: number;
  /** Where the row begins, and how wide it is; absent: margin to margin. */
  readonly left?: number;
  readonly wide?: number;
  readonly ground: 'stage' | 'paper';
}

/** Starts a new page when `height` points do not fit under what is written. */
export function room({ doc, height: page, margin }: Sheet, height: number): void {
  if (doc.y + height > page - margin) doc.addPage();
}

/** Draws a picture into a box on its ground, in the middle, as large as fits. */
export function picture(
  { doc, decor, figure }: Sheet,
  { drawing, alt }: Pick<Cell, 'drawing' | 'alt'>,
  box: { readonly x: number; readonly y: number; readonly w: number; readonly h: number },
  ground: CellRow['ground'],
): void {
  const scale = Math.min((box.h - 10) / drawing.box.h, (box.w - 10) / drawing.box.w);
  decor(() => {
    doc.rect(box.x, box.y, box.w, box.h);
    if (ground === 'stage') doc.fill(STAGE);
    else doc.lineWidth(0.5).stroke(HAIRLINE);
  });
  figure(alt, () =>
    paintPdf(doc, drawing, {
      x: box.x + (box.w - drawing.box.w * scale) / 2,
      y: box.y + (box.h - drawing.box.h * scale) / 2,
      scale,
    }),
  );
}

/** Pictures side by side, row by row, each with its words below. */
export function cells(sheet: Sheet, all: readonly Cell[], row: CellRow): void {
  const { doc, margin } = sheet;
  const { abreast, tall, gap, small, left = margin, wide = sheet.wide, ground } = row;
  const width = (wide - (abreast - 1) * gap) / abreast;
  for (let i = 0; i < all.length; i += abreast) {
    const now = all.slice(i, i + abreast);
    const written = Math.max(...now.map((cell) => wordsTall(sheet, cell, width, small)));
    room(sheet, tall + written + 12);
    const top = doc.y;
    now.forEach((cell, column) => {
      const x = left + column * (width + gap);
      picture(sheet, cell, { x, y: top, w: width, h: tall }, ground);
      doc.x = x;
      doc.y = top + tall + 6;
      doc.fillColor(INK);
      if (cell.title) {
        doc.font(FONT.serif).fontSize(small + 3);
        sheet.say('H2', cell.title, { x, y: doc.y, width });
      }
      doc.font(FONT.sans).fontSize(small);
      for (const line of cell.lines) sheet.say('P', line, { x, y: doc.y, width });
    });
    doc.x = margin;
    doc.y = top + tall + written + 12;
  }
}

/** How tall the words of a cell come out, so that its row is not torn by the end of a page. */
function wordsTall({ doc }: Sheet, { title, lines }: Cell, width: number, small: number): number {
  const titled = title
    ? doc
        .font(FONT.serif)
        .fontSize(small + 3)
        .heightOfString(title, { width })
    : 0;
  doc.font(FONT.sans).fontSize(small);
  return lines.reduce((sum, line) => sum + doc.heightOfString(line, { width }), titled + 6);
}
