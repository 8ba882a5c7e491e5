import { exportStockCall } from '@contracts/stock/export-stock';
import { editGarmentsCall } from '@contracts/stock/edit-garments';
import { priceGarmentsCall } from '@contracts/stock/price-garments';
import { archiveGarmentsCall } from '@contracts/stock/archive-garments';
import { MOST_MINOR } from '@contracts/piece';
import { stockCsv, stockJson } from '@contracts/stock-file';
import type { Reader } from '@data/db';
import { changeGarments, type ForMany, garmentsOf, pricedBeyond, sizesByGarment } from '@data/stock/garments';
import { noteAll } from '../audit';
import type { Context } from '../context';
import { invalid, notFound } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { sheetOf, sizeSheet } from './garment';

/** Changes garments of the shop all in one, each with its place in the record of changes. */
async function changeMany(
  context: Context,
  ids: readonly string[],
  values: ForMany,
  action: string,
  details?: Record<string, unknown>,
): Promise<{ changed: number }> {
  const { tx, actor } = context;
  const changed = await changeGarments(tx, actor.shopId, ids, values);
  if (changed.length === 0) throw notFound('That garment');
  await noteAll(context, action, 'garment', changed, details);
  return { changed: changed.length };
}

export const archiveGarments = serve(archiveGarmentsCall, {
  run: (context, { ids, archived }) =>
    changeMany(
      context,
      ids,
      { archivedAt: archived ? context.now : null },
      archived ? 'archive' : 'bring back',
    ),
});

/** Prices go up or down by a share, each rounded half up to whole cents. */
export const priceGarments = serve(priceGarmentsCall, {
  async run(context, { ids, percent }) {
    const beyond = await pricedBeyond(context.tx, context.actor.shopId, ids, percent, MOST_MINOR);
    if (beyond)
      throw invalid([{ path: 'percent', message: `${beyond} would cost more than a price can be` }]);
    return changeMany(context, ids, { percent }, 'price', { percent });
  },
});

/** Gives many garments the same label, formality, seasons, care, ironing, moods or cost; the rest of each stays. */
export const editGarments = serve(editGarmentsCall, {
  run: (context, { ids, set: { label, formality, costMinor, ...attributes } }) =>
    changeMany(
      context,
      ids,
      {
        ...(label === undefined ? {} : { label }),
        ...(formality === undefined ? {} : { formality }),
        ...(costMinor === undefined ? {} : { costMinor }),
        over: attributes,
      },
      'edit',
      { label, formality, costMinor, ...attributes },
    ),
});

export const exportStock = serve(exportStockCall, {
  async run({ tx, actor, now }, { format }) {
    const { zone } = await shopOf(tx, actor.shopId);
    return {
      fileName: `stock-${dayIn(zone, now)}.${format}`,
      text: await stockText(tx, actor.shopId, format),
    };
  },
});

/** All stock that is not archived, as a file that reads back in. */
export async function stockText(tx: Reader, shopId: string, format: 'csv' | 'json'): Promise<string> {
  const rows = await garmentsOf(tx, shopId);
  const sizes = await sizesByGarment(
    tx,
    rows.map(({ id }) => id),
  );
  const garments = rows.map((row) => {
    const own = sizes.get(row.id) ?? [];
    return {
      ...sheetOf(row),
      sizes: own.map(({ variant: size }) => sizeSheet(size)),
      shelf: new Map(own.map(({ variant: size, at }) => [size.id, at.shelf ?? 0])),
    };
  });
  if (format !== 'csv') return stockJson(garments);
  const { currency } = await shopOf(tx, shopId);
  return stockCsv(garments, currency);
}
