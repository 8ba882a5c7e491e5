import type { BoxView } from '@contracts/box/box-view';
import { chargedWords, money, paidWords } from '@core/money';
import { creditNoteOf } from '@data/box/credit-notes';
import { linesOf } from '@data/box/lines';
import { refundsAt } from '@data/box/payments';
import { type ReceiptRow, receiptOf } from '@data/box/receipts';
import type { Actor } from '../context';
import { database } from '../database';
import { notFound } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { moneyPaper, type MoneyRow } from './money-paper';
import { boxPage } from './page';

interface Paper {
  readonly fileName: string;
  readonly pdf: Buffer;
}

/** Tax of a rate within what was kept. */
interface TaxOfRate {
  readonly bp: number;
  readonly minor: number;
}

const taxRow = ({ bp, minor }: TaxOfRate, isIncluded: boolean, currency: string): MoneyRow => ({
  left: `Tax at ${bp / 100} %${isIncluded ? ', included' : ''}`,
  right: money(minor, currency),
});

/** The receipt of a closed box as a PDF, with its running number. @throws Refusal 404 before the box is closed */
export async function receiptPdf(actor: Actor, boxId: string): Promise<Paper> {
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
    pdf: await receiptPaper(view, row, {
      day: dayIn(shop.zone, row.at),
      taxes,
      isIncluded: shop.taxIncluded,
    }),
  };
}

interface ReceiptFacts {
  readonly day: string;
  readonly taxes: readonly TaxOfRate[];
  readonly isIncluded: boolean;
}

function receiptPaper(
  view: BoxView,
  row: ReceiptRow,
  { day, taxes, isIncluded }: ReceiptFacts,
): Promise<Buffer> {
  const { currency } = view.shop;
  const said = (minor: number): string => money(minor, currency);
  const kept = view.lines.filter(({ decision }) => decision === 'keep');
  const { steps = [], feeKeptMinor = 0 } = view.total ?? {};
  return moneyPaper({
    title: `Receipt ${row.no}`,
    shop: view.shop,
    about: `${day}, box ${view.number}, ${view.client.name}`,
    blocks: [
      kept.length === 0
        ? [{ left: 'Nothing was kept', right: said(0) }]
        : kept.flatMap(({ piece, size, priceMinor, alterations }) => [
            { left: `${piece.title}, ${size}`, right: said(priceMinor) },
            ...alterations.map((each) => ({
              left: `    altered: ${each.job}`,
              right: said(each.priceMinor),
            })),
          ]),
      [
        ...steps.map(({ label, minor }) => ({ left: label, right: said(minor) })),
        view.total && view.total.dueMinor < 0
          ? { left: 'Given back', right: said(-view.total.dueMinor), isStrong: true }
          : {
              left: `Charged ${chargedWords(view.paid, said)}`.trim(),
              right: said(row.amountMinor),
              isStrong: true,
            },
      ],
      taxes.map((tax) => taxRow(tax, isIncluded, currency)),
    ],
    foot: `The styling fee of ${said(view.styleFeeMinor)} was charged when the box went out.${feeKeptMinor > 0 ? ` ${said(feeKeptMinor)} of it stays with the shop.` : ''}`,
  });
}

/** A credit note of a box as a PDF, with its running number. @throws Refusal 404 for a number this box has none of */
export async function creditNotePdf(actor: Actor, boxId: string, no: number): Promise<Paper> {
  const view = await boxPage(actor, boxId);
  const db = database();
  const row = Number.isInteger(no) && no > 0 ? await creditNoteOf(db, actor.shopId, no) : undefined;
  const line = view.lines.find(({ id }) => id === row?.boxLineId);
  if (!row || !line) throw notFound('That credit note');
  const shop = await shopOf(db, actor.shopId);
  const receipt = await receiptOf(db, view.id);
  const record = (await linesOf(db, view.id)).find((each) => each.line.id === line.id);
  const bp = record?.line.taxBp ?? record?.garment.taxBp ?? shop.taxBp;
  const { currency } = view.shop;
  const said = (minor: number): string => money(minor, currency);
  return {
    fileName: `credit-note-${row.no}.pdf`,
    pdf: await moneyPaper({
      title: `Credit note ${row.no}`,
      shop: view.shop,
      about: `${dayIn(shop.zone, row.at)}, box ${view.number}, ${view.client.name}`,
      blocks: [
        [
          { left: `${line.piece.title}, ${line.size}`, right: said(line.netMinor ?? 0) },
          ...(row.withheldMinor > 0
            ? [{ left: 'Withheld for damage', right: said(-row.withheldMinor) }]
            : []),
        ],
        [
          {
            left: `Given back ${paidWords(await refundsAt(db, view.id, row.at), said)}`.trim(),
            right: said(row.amountMinor),
            isStrong: true,
          },
        ],
        [taxRow({ bp, minor: row.taxMinor }, shop.taxIncluded, currency)],
      ],
      foot: `For a piece of receipt ${receipt?.no ?? ''} that came back. What was paid for the others stands.`,
    }),
  };
}
