import { garmentKeyOf, type StockCsvRow } from '@contracts/stock-csv';
import { grouped } from '@core/grouped';
import { addGarments, garmentsOfStyles } from '@data/stock/garments';
import { moveFirstUnits } from '@data/stock/ledger';
import { addSizeRows, type SizeOfGarment, sizesOfGarments } from '@data/stock/sizes';
import type { Context } from '../context';
import { garmentFacts } from './garment';
import { firstLocation, storedMeasures } from './size-run';

/** Garments that are here already, by the key that rows of a file share, each with its sizes. */
export type Homes = ReadonlyMap<string, { readonly id: string; readonly sizes: readonly SizeOfGarment[] }>;

/** Garments of the shop that rows of a file are sizes of. */
export async function homesOf({ tx, actor }: Context, rows: readonly StockCsvRow[]): Promise<Homes> {
  const styles = [...new Set(rows.map(({ styleId }) => styleId))];
  if (styles.length === 0) return new Map();
  const garments = await garmentsOfStyles(tx, actor.shopId, styles);
  const sizes = grouped(
    await sizesOfGarments(
      tx,
      garments.map(({ id }) => id),
    ),
    ({ garmentId }) => garmentId,
  );
  return new Map(
    garments.map(({ id, styleId, title, colours }) => [
      garmentKeyOf(styleId, title, colours),
      { id, sizes: sizes.get(id) ?? [] },
    ]),
  );
}

/**
 * Makes garments and sizes and books the units in from the supplier, all of them at once; also what the demo is loaded
 * by. Rows of a garment that is here become sizes of it.
 */
export async function bringIn(context: Context, rows: readonly StockCsvRow[], homes?: Homes): Promise<void> {
  const { tx, actor, now } = context;
  const there = homes ?? (await homesOf(context, rows));
  const fresh = [...grouped(rows, ({ garmentKey }) => garmentKey)]
    .filter(([key]) => !there.has(key))
    .flatMap(([key, [first]]) => (first ? [{ key, first }] : []));
  const ids = await addGarments(
    tx,
    fresh.map(({ first }) => ({
      shopId: actor.shopId,
      styleId: first.styleId,
      setId: first.setId,
      label: first.label,
      title: first.title,
      category: first.category,
      ...garmentFacts(first),
      priceMinor: first.priceMinor,
      costMinor: first.costMinor ?? null,
      colours: first.colours,
      attributes: first.attributes,
      createdAt: now,
    })),
  );
  const idOf = new Map<string, string>([
    ...[...there].map(([key, { id }]) => [key, id] as const),
    ...fresh.map(({ key }, i) => [key, ids[i] ?? ''] as const),
  ]);
  const places = new Map([...there].map(([key, { sizes }]) => [key, sizes.length]));
  const sizeIds = await addSizeRows(
    tx,
    rows.map((row) => {
      const position = places.get(row.garmentKey) ?? 0;
      places.set(row.garmentKey, position + 1);
      return {
        shopId: actor.shopId,
        garmentId: idOf.get(row.garmentKey) ?? '',
        size: row.size,
        length: row.length,
        position,
        sku: row.sku,
        ean: row.ean,
        measures: storedMeasures(row.measures),
      };
    }),
  );
  const locationId = await firstLocation(tx, actor.shopId);
  await moveFirstUnits(
    tx,
    rows.map(({ qty }, i) => ({ variantId: sizeIds[i] ?? '', locationId, qty })),
    'import',
    actor.id || undefined,
  );
}
