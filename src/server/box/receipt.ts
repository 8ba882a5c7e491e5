import type { BoxView } from '@contracts/box/box-view';
import { money } from '@core/money';
import { linesOf } from '@data/box/lines';
import { type ReceiptRow, receiptOf } from '@data/box/receipts';
import type { Actor } from '../context';
import { database } from '../database';
import { A4, FONT, INK, openPdf, SOFT } from '../pdf/document';
import { notFound } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { boxPage } from './page';

const MARGIN = 56;
const WIDE = A4.width - 2 * MARGIN;

/** Tax of a rate within what was kept. */
interface TaxOfRate {
  readonly bp: number;
  readonly minor: number;
}

/** The receipt of a closed box as a PDF, with its running number. @throws Refusal 404 before the box is closed */
export async function receiptPdf(
  actor: Actor,
  boxId: string,
): Promise<{ readonly fileName: string; readonly pdf: Buffer }> {
  const view = await boxPage(actor, boxId);
  const db = database();
  const row = await receiptOf(db, view.id);
  if (!row) throw notFound('A receipt of this box');
  const shop = await shopOf(db, actor.shopId);
  const rates = new Map<number, number>();
  for (const { line, garment } of await linesOf(db, view.id))
    if (line.decision === 'keep' && line.taxMinor !== null) {
      const bp = line.taxBp ?? garment.taxBp ?? shop.taxBp;
      rates.set(bp, (rates.get(bp) ?? 0) + line.taxMinor);
    }
  const taxes = [...rates].map(([bp, minor]): TaxOfRate => ({ bp, minor })).sort((a, b) => b.bp - a.bp);
  return {
    fileName: `receipt-${row.no}.pdf`,
    pdf: await paint(view, row, { day: dayIn(shop.zone, row.at), taxes, isIncluded: shop.taxIncluded }),
  };
}

function paint(
  view: BoxView,
  row: ReceiptRow,
  {
    day,
    taxes,
    isIncluded,
  }: { readonly day: string; readonly taxes: readonly TaxOfRate[]; readonly isIncluded: boolean },
): Promise<Buffer> {
  const { currency, name, town } = view.shop;
  const { doc, done } = openPdf({ title: `Receipt ${row.no}`, author: name, margin: MARGIN });
  const said = (minor: number): string => money(minor, currency);
  const pair = (left: string, right: string, isStrong = false): void => {
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
  doc.font(FONT.serif).fontSize(22).fillColor(INK).text(name);
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT).text(town).moveDown(2);
  doc.font(FONT.serif).fontSize(16).fillColor(INK).text(`Receipt ${row.no}`);
  doc
    .font(FONT.sans)
    .fontSize(10)
    .fillColor(SOFT)
    .text(`${day}, box ${view.number}, ${view.client.name}`)
    .moveDown(1);
  rule();
  for (const line of view.lines.filter(({ decision }) => decision === 'keep')) {
    pair(`${line.piece.title}, ${line.size}`, said(line.priceMinor));
    for (const { job, priceMinor } of line.alterations) pair(`    altered: ${job}`, said(priceMinor));
  }
  if (!view.lines.some(({ decision }) => decision === 'keep')) pair('Nothing was kept', said(0));
  rule();
  for (const step of view.total?.steps ?? []) pair(step.label, said(step.minor));
  pair('Charged', said(row.amountMinor), true);
  doc.y += 8;
  for (const { bp, minor } of taxes)
    pair(`Tax at ${bp / 100} %${isIncluded ? ', included' : ''}`, said(minor));
  doc.y += 8;
  const { feeKeptMinor = 0 } = view.total ?? {};
  doc
    .font(FONT.sans)
    .fontSize(9)
    .fillColor(SOFT)
    .text(
      `The styling fee of ${said(view.styleFeeMinor)} was charged when the box went out.${feeKeptMinor > 0 ? ` ${said(feeKeptMinor)} of it stays with the shop.` : ''}`,
      MARGIN,
      doc.y,
      { width: WIDE },
    );
  doc.end();
  return done;
}
