import { A4, FONT, INK, openPdf, SOFT } from '../pdf/document';

const MARGIN = 56;
const WIDE = A4.width - 2 * MARGIN;

/** A line of a paper: what it is, and how much. */
export interface MoneyRow {
  readonly left: string;
  readonly right: string;
  readonly isStrong?: boolean;
}

/** A receipt or a credit note, ready to be set. */
export interface MoneyPaper {
  readonly title: string;
  readonly shop: { readonly name: string; readonly town: string };
  /** The day, the box and whose it is. */
  readonly about: string;
  /** Blocks of rows with a rule above each of the first two. */
  readonly blocks: readonly (readonly MoneyRow[])[];
  readonly foot: string;
}

/** Sets a paper about money as a PDF. */
export function moneyPaper({ title, shop, about, blocks, foot }: MoneyPaper): Promise<Buffer> {
  const { doc, done } = openPdf({ title, author: shop.name, margin: MARGIN });
  const pair = ({ left, right, isStrong = false }: MoneyRow): void => {
    const top = doc.y;
    doc
      .font(isStrong ? FONT.bold : FONT.sans)
      .fontSize(isStrong ? 12 : 10)
      .fillColor(INK);
    doc.text(left, MARGIN, top, { width: WIDE - 110 });
    const { y } = doc;
    doc.text(right, MARGIN + WIDE - 100, top, { width: 100, align: 'right' });
    doc.x = MARGIN;
    doc.y = Math.max(y, doc.y) + 4;
  };
  const rule = (): void => {
    doc
      .moveTo(MARGIN, doc.y + 2)
      .lineTo(MARGIN + WIDE, doc.y + 2)
      .lineWidth(0.5)
      .stroke('#b08d57');
    doc.y += 10;
  };
  doc.font(FONT.serif).fontSize(22).fillColor(INK).text(shop.name);
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT).text(shop.town).moveDown(2);
  doc.font(FONT.serif).fontSize(16).fillColor(INK).text(title);
  doc.font(FONT.sans).fontSize(10).fillColor(SOFT).text(about).moveDown(1);
  blocks.forEach((rows, i) => {
    if (i < 2) rule();
    else doc.y += 8;
    rows.forEach(pair);
  });
  doc.y += 8;
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT).text(foot, MARGIN, doc.y, { width: WIDE });
  doc.end();
  return done;
}
