import { importStockCall } from '@contracts/stock/import-stock';
import type { StockCsvRow } from '@contracts/stock-csv';
import { readStock } from '@contracts/stock-file';
import type { ImportFault } from '@contracts/import-fault';
import { addGarment, garmentsNamed } from '@data/stock/garments';
import { sizesOf, sizesWithCodes } from '@data/stock/sizes';
import { note } from '../audit';
import type { Context } from '../context';
import { mustBeWhole } from '../import-file';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { garmentFacts } from './garment';
import { addSize, firstLocation, storedMeasures } from './size-run';

export const importStock = serve(importStockCall, {
  async run(context, { csv, take }) {
    const { currency } = await shopOf(context.tx, context.actor.shopId);
    const read = readStock(csv, currency);
    const { fresh, known, faults: clashes } = await compare(context, read.rows);
    const faults = [...read.faults, ...clashes].sort((a, b) => a.row - b.row);
    const good = fresh.map(({ row, title, size, sku, qty, priceMinor }) => ({
      row,
      title,
      size,
      sku,
      qty,
      priceMinor,
    }));
    if (take === 'check') return { good, known, faults, taken: 0 };
    mustBeWhole(take, faults);
    await bringIn(context, fresh);
    await note(context, 'import', 'stock', context.actor.shopId, {
      taken: fresh.length,
      faulty: faults.length,
    });
    return { good, known, faults, taken: fresh.length };
  },
});

/** Rows against what the shop has: known SKUs are left as they are, so the same file twice changes nothing. */
async function compare(
  { tx, actor }: Context,
  rows: readonly StockCsvRow[],
): Promise<{ fresh: StockCsvRow[]; known: number; faults: ImportFault[] }> {
  if (rows.length === 0) return { fresh: [], known: 0, faults: [] };
  const there = await sizesWithCodes(
    tx,
    actor.shopId,
    rows.map((row) => row.sku),
    [],
  );
  const bySku = new Map(there.map((each) => [each.sku, each]));
  const fresh: StockCsvRow[] = [];
  const faults: ImportFault[] = [];
  let known = 0;
  for (const row of rows) {
    const before = bySku.get(row.sku);
    if (!before) fresh.push(row);
    else if (before.title === row.title && before.size === row.size) known++;
    else
      faults.push({
        row: row.row,
        path: 'sku',
        code: 'taken',
        params: { said: row.sku, title: before.title, size: before.size },
      });
  }
  return { fresh, known, faults };
}

/** Makes garments and variants and books the units in from the supplier; also what the demo is loaded by. */
export async function bringIn({ tx, actor, now }: Context, rows: readonly StockCsvRow[]): Promise<void> {
  const floor = await firstLocation(tx, actor.shopId);
  const made = new Map<string, { id: string; sizes: number }>();
  for (const row of rows) {
    const home = made.get(row.garmentKey) ?? (await garmentFor({ tx, actor, now }, row));
    made.set(row.garmentKey, home);
    await addSize(
      { tx, actor },
      {
        garmentId: home.id,
        size: row.size,
        length: row.length,
        position: home.sizes++,
        sku: row.sku,
        ean: row.ean,
        measures: storedMeasures(row.measures),
      },
      { qty: row.qty, locationId: floor, cause: 'import' },
    );
  }
}

async function garmentFor(
  { tx, actor, now }: Context,
  row: StockCsvRow,
): Promise<{ id: string; sizes: number }> {
  const same = await garmentsNamed(tx, actor.shopId, row.styleId, row.title);
  const twin = same.find(
    (each) => each.colours.map(({ hex }) => hex).join(' ') === row.colours.map(({ hex }) => hex).join(' '),
  );
  if (twin) {
    return { id: twin.id, sizes: (await sizesOf(tx, twin.id)).length };
  }
  const id = await addGarment(tx, {
    shopId: actor.shopId,
    styleId: row.styleId,
    setId: row.setId,
    label: row.label,
    title: row.title,
    category: row.category,
    ...garmentFacts(row),
    priceMinor: row.priceMinor,
    costMinor: row.costMinor ?? null,
    colours: row.colours,
    attributes: row.attributes,
    createdAt: now,
  });
  return { id, sizes: 0 };
}
