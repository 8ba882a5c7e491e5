import { importStockCall } from '@contracts/stock/import-stock';
import type { StockCsvRow } from '@contracts/stock-csv';
import { readStock } from '@contracts/stock-file';
import type { ImportFault } from '@contracts/import-fault';
import { sqlState, SQL as STATE } from '@data/db';
import { unitsInShop } from '@data/stock/books';
import { releaseExpired } from '@data/stock/holds';
import { sizesWithCodes } from '@data/stock/sizes';
import { note } from '../audit';
import type { Context } from '../context';
import { mustBeWhole } from '../import-file';
import { conflict } from '../problem';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { bringIn, type Homes, homesOf } from './bring-in';
import { bookDifferences, type Difference } from './reconcile';

export const importStock = serve(importStockCall, {
  async run(context, { csv, take, counts, prices }) {
    const { currency } = await shopOf(context.tx, context.actor.shopId);
    const read = readStock(csv, currency);
    const { fresh, homes, known, differs, faults: clashes } = await compare(context, read.rows);
    const faults = [...read.faults, ...clashes].sort((a, b) => a.row - b.row);
    const good = fresh.map(({ row, title, size, sku, qty, priceMinor }) => ({
      row,
      title,
      size,
      sku,
      qty,
      priceMinor,
    }));
    const looked = { good, known, faults, differs: differs.map(({ of: _of, ...shown }) => shown) };
    if (take === 'check') return { ...looked, taken: 0, booked: 0 };
    mustBeWhole(take, faults);
    try {
      await bringIn(context, fresh, homes);
    } catch (error) {
      // Somebody else brought the same in between the look above and now.
      if (sqlState(error) === STATE.unique)
        throw conflict('Somebody brought in one of these sizes just now. Look at the file again.');
      throw error;
    }
    const booked = await bookDifferences(context, differs, { counts, prices });
    await note(context, 'import', 'stock', context.actor.shopId, {
      taken: fresh.length,
      booked,
      faulty: faults.length,
    });
    return { ...looked, taken: fresh.length, booked };
  },
});

interface Compared {
  readonly fresh: readonly StockCsvRow[];
  readonly homes: Homes;
  /** Sizes that are here as the file says. */
  readonly known: number;
  readonly differs: readonly Difference[];
  readonly faults: readonly ImportFault[];
}

const folded = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');

/** Rows against what the shop has: a SKU that is here is compared, and nothing of it changes by itself. */
async function compare(context: Context, rows: readonly StockCsvRow[]): Promise<Compared> {
  const { tx, actor, now } = context;
  if (rows.length === 0) return { fresh: [], homes: new Map(), known: 0, differs: [], faults: [] };
  const there = await sizesWithCodes(
    tx,
    actor.shopId,
    rows.map((row) => row.sku),
    rows.flatMap(({ ean }) => ean ?? []),
  );
  const bySku = new Map(there.map((each) => [each.sku, each]));
  const byEan = new Map(there.flatMap((each) => (each.ean ? [[each.ean, each] as const] : [])));
  const homes = await homesOf(context, rows);
  const hereIds = rows.flatMap(({ sku }) => bySku.get(sku)?.id ?? []);
  await releaseExpired(tx, now, hereIds);
  const units = await unitsInShop(tx, hereIds);
  const fresh: StockCsvRow[] = [];
  const differs: Difference[] = [];
  const faults: ImportFault[] = [];
  let known = 0;
  for (const row of rows) {
    const before = bySku.get(row.sku);
    const other = row.ean ? byEan.get(row.ean) : undefined;
    const twin = homes
      .get(row.garmentKey)
      ?.sizes.find(({ size, length }) => size === row.size && length === row.length);
    if (before && (folded(before.title) !== folded(row.title) || before.size !== row.size))
      faults.push(taken(row, 'sku', row.sku, before));
    else if (other && other.sku !== row.sku) faults.push(taken(row, 'ean', row.ean ?? '', other));
    else if (!before && twin)
      faults.push({
        row: row.row,
        path: 'size',
        code: 'size-taken',
        params: { title: row.title, size: row.size, sku: twin.sku },
      });
    else if (!before) fresh.push(row);
    else {
      const { shelf = 0, held = 0, boxes = [] } = units.get(before.id) ?? {};
      const count =
        shelf + held === row.qty
          ? undefined
          : { had: shelf + held, said: row.qty, sold: boxes.slice(0, Math.max(0, held - row.qty)) };
      const price =
        before.priceMinor === row.priceMinor ? undefined : { had: before.priceMinor, said: row.priceMinor };
      if (count || price)
        differs.push({
          row: row.row,
          sku: row.sku,
          title: before.title,
          size: before.size,
          ...(count ? { count } : {}),
          ...(price ? { price } : {}),
          of: { variantId: before.id, garmentId: before.garmentId },
        });
      else known++;
    }
  }
  return { fresh, homes, known, differs, faults };
}

const taken = (
  { row }: StockCsvRow,
  path: 'sku' | 'ean',
  said: string,
  { title, size }: { readonly title: string; readonly size: string },
): ImportFault => ({ row, path, code: 'taken', params: { said, title, size } });
