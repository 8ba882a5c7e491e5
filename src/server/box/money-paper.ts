import type { Paper } from '@core/shop';
import { FONT, INK, openPdf, SOFT } from '../pdf/document';

const MARGIN = 56;

/** A line of a paper: what it is, and how much. */
export interface MoneyRow {
  readonly left: string;
  readonly right: string;
  readonly isStrong?: boolean;
}

/** A receipt or a credit note, ready to be set. */
export interface MoneyPaper {
  readonly title: string;
  readonly shop: { readonly name: string; readonly town: string; readonly paper: Paper };
  /** The day, the box and whose it is. */
  readonly about: string;
  /** Blocks of rows with a rule above each of the first two. */
  readonly blocks: readonly (readonly MoneyRow[])[];
  readonly foot: string;
}

/** Sets a paper about money as a PDF. */
export function moneyPaper({ title, shop, about, blocks, foot }: MoneyPaper): Promise<Buffer> {
  const sheet = openPdf({ title, author: shop.name, margin: MARGIN, paper: shop.paper });
  const { doc, say, wide } = sheet;
  const pair = ({ left, right, isStrong = false }: MoneyRow): void => {
    const top = doc.y;
    doc
      .font(isStrong ? FONT.bold : FONT.sans)
      .fontSize(isStrong ? 12 : 10)
      .fillColor(INK);
    // One paragraph, so that what it is and how much are read together.
    sheet.paragraph((run) => {
      run(left, { x: MARGIN, y: top, width: wide - 110 });
      const { y } = doc;
      run(right, { x: MARGIN + wide - 100, y: top, width: 100, align: 'right' });
      doc.y = Math.max(y, doc.y) + 4;
    });
    doc.x = MARGIN;
  };
  const rule = (): void => {
    sheet.decor(() =>
      doc
        .moveTo(MARGIN, doc.y + 2)
        .lineTo(MARGIN + wide, doc.y + 2)
        .lineWidth(0.5)
        .stroke('#b08d57'),
    );
    doc.y += 10;
  };
  doc.font(FONT.serif).fontSize(22).fillColor(INK);
  say('P', shop.name);
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT);
  say('P', shop.town);
  doc.moveDown(2);
  doc.font(FONT.serif).fontSize(16).fillColor(INK);
  say('H1', title);
  doc.font(FONT.sans).fontSize(10).fillColor(SOFT);
  say('P', about);
  doc.moveDown(1);
  blocks.forEach((rows, i) => {
    if (i < 2) rule();
    else doc.y += 8;
    rows.forEach(pair);
  });
  doc.y += 8;
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT);
  say('P', foot, { x: MARGIN, y: doc.y, width: wide });
  return sheet.finish();
}
