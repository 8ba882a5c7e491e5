import { money } from '@core/money';
import { isEan13, sizeWords } from '@core/stock';
import type { Reader } from '@data/db';
import { garmentsOf, sizesByGarment } from '@data/stock/garments';
import { type Actor } from '../context';
import { barsOf, paintBars } from '../pdf/bars';
import { FONT, INK, openPdf, SOFT } from '../pdf/document';
import { invalid, isId, notFound } from '../problem';
import { shopOf } from '../shop/settings';

export interface TagLabel {
  readonly title: string;
  readonly size: string;
  readonly sku: string;
  readonly ean: string | null;
  readonly priceMinor: number;
}

/** Labels that go on one request; more are asked for in parts. */
const MOST_LABELS = 1200;

/** One label for every unit on the shelf of the garments named; one for a size of which nothing is there yet. */
async function labelsOf(db: Reader, actor: Actor, garmentIds: readonly string[]): Promise<TagLabel[]> {
  const ids = garmentIds.filter(isId);
  if (ids.length === 0) throw notFound('That garment');
  const garments = await garmentsOf(db, actor.shopId, ids);
  const sizes = await sizesByGarment(
    db,
    garments.map(({ id }) => id),
  );
  const labels = garments.flatMap(({ id, title, priceMinor }) =>
    (sizes.get(id) ?? []).flatMap(({ variant, at }) =>
      Array.from({ length: Math.max(1, at.shelf ?? 0) }, () => ({
        title,
        size: sizeWords(variant),
        sku: variant.sku,
        ean: variant.ean,
        priceMinor,
      })),
    ),
  );
  if (labels.length === 0) throw notFound('That garment');
  if (labels.length > MOST_LABELS)
    throw invalid([
      { path: 'garments', message: `${labels.length} labels; up to ${MOST_LABELS} go at once` },
    ]);
  return labels;
}

/** Widths of the bars and the spaces between them of an EAN-13, in modules, a bar first: 95 modules in all. */
export function eanModules(ean: string): readonly number[] {
  if (!isEan13(ean)) throw new RangeError(`${ean}: not an EAN-13`);
  return barsOf('ean13', ean);
}

const MM = 72 / 25.4;
/** Three across and eight down, on A4 as on US Letter. */
const LABEL = { w: 63.5 * MM, h: 33.9 * MM, across: 3, down: 8 } as const;
/** X-dimension of 0.33 mm, the nominal one; bars 11 mm high are enough for a scanner on a till. */
const MODULE = 0.33 * MM;
const BAR_HEIGHT = 11 * MM;

/** Sheets of tag labels on the shop's paper: title, size, price and EAN-13. Sizes without an EAN show their SKU in its place. */
export async function labelsPdf(db: Reader, actor: Actor, garmentIds: readonly string[]): Promise<Buffer> {
  const shop = await shopOf(db, actor.shopId);
  const labels = await labelsOf(db, actor, garmentIds);
  const sheet = openPdf({ title: 'Tag labels', author: shop.name, margin: 0, paper: shop.paper });
  const { doc } = sheet;
  const left = (sheet.width - LABEL.across * LABEL.w) / 2;
  const top = (sheet.height - LABEL.down * LABEL.h) / 2;
  const aPage = LABEL.across * LABEL.down;
  labels.forEach((label, i) => {
    if (i > 0 && i % aPage === 0) doc.addPage();
    const at = i % aPage;
    const x = left + (at % LABEL.across) * LABEL.w;
    const y = top + Math.floor(at / LABEL.across) * LABEL.h;
    sheet.figure(`Label of ${label.title}, ${label.size}`, () => labelAt(doc, label, shop, x, y));
  });
  return sheet.finish();
}

function labelAt(
  doc: PDFKit.PDFDocument,
  label: TagLabel,
  shop: { readonly name: string; readonly currency: string },
  x: number,
  y: number,
): void {
  const pad = 3.5 * MM;
  const wide = LABEL.w - 2 * pad;
  const line = { width: wide, lineBreak: false, ellipsis: true } as const;
  doc
    .font(FONT.serif)
    .fontSize(10)
    .fillColor(INK)
    .text(label.title, x + pad, y + pad, { ...line, height: 12 });
  doc
    .font(FONT.bold)
    .fontSize(9)
    .text(label.size, x + pad, y + pad + 14, line);
  doc.text(money(label.priceMinor, shop.currency), x + pad, y + pad + 14, { ...line, align: 'right' });
  const barTop = y + pad + 28;
  if (!label.ean) {
    doc
      .font(FONT.sans)
      .fontSize(9)
      .fillColor(SOFT)
      .text(label.sku, x + pad, barTop + 10, line);
    return;
  }
  paintBars(doc, eanModules(label.ean), {
    x: x + (LABEL.w - 95 * MODULE) / 2,
    y: barTop,
    module: MODULE,
    height: BAR_HEIGHT,
  });
  doc
    .font(FONT.sans)
    .fontSize(7.5)
    .fillColor(INK)
    .text(`${label.ean}   ${label.sku}`, x + pad, barTop + BAR_HEIGHT + 2, { ...line, align: 'center' });
}
