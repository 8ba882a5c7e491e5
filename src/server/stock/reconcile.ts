import type { Parsed } from '@contracts/calls';
import type { StockDifference } from '@contracts/stock/import-stock';
import { countDifference } from '@core/stock';
import { balancesOf, lockedShelf, unitsInShop } from '@data/stock/books';
import { changeGarment, findGarment } from '@data/stock/garments';
import { moveStock } from '@data/stock/ledger';
import type { Context } from '../context';
import { firstLocation } from './size-run';

type Booked = Pick<Parsed<'import-stock'>, 'counts' | 'prices'>;
type Asked = Booked['counts'];

/** A difference, with the size and the garment it is of. */
export type Difference = StockDifference & {
  readonly of: { readonly variantId: string; readonly garmentId: string };
};

/**
 * Books what a later file says otherwise and somebody accepted, as far as the books still say what they said then;
 * what moved in between is left and shown again. Answers how many were booked.
 */
export async function bookDifferences(
  context: Context,
  differs: readonly Difference[],
  { counts, prices }: Booked,
): Promise<number> {
  const had = (list: Asked): ReadonlyMap<string, number> => new Map(list.map((each) => [each.sku, each.had]));
  const [askedCounts, askedPrices] = [had(counts), had(prices)];
  let booked = 0;
  // In one order, so that two files at once cannot wait for each other.
  const ordered = [...differs].sort((a, b) => (a.of.variantId < b.of.variantId ? -1 : 1));
  for (const each of ordered)
    if (
      each.count &&
      askedCounts.get(each.sku) === each.count.had &&
      (await count(context, each, each.count))
    )
      booked++;
  const byGarment = [...ordered].sort((a, b) => (a.of.garmentId < b.of.garmentId ? -1 : 1));
  const priced = new Set<string>();
  for (const { of, sku, price } of byGarment) {
    if (!price || askedPrices.get(sku) !== price.had || priced.has(of.garmentId)) continue;
    const row = await findGarment(context.tx, context.actor.shopId, of.garmentId, true);
    if (row?.priceMinor !== price.had) continue;
    await changeGarment(context.tx, of.garmentId, { priceMinor: price.said, version: row.version + 1 });
    priced.add(of.garmentId);
    booked++;
  }
  return booked;
}

/** Brings the shelf to what the file says, less what boxes hold; false when something moved meanwhile. */
async function count(
  { tx, actor }: Context,
  { of: { variantId } }: Difference,
  { had, said }: NonNullable<Difference['count']>,
): Promise<boolean> {
  const rows = (await balancesOf(tx, variantId)).filter(({ place }) => place === 'shelf');
  const places =
    rows.length > 0
      ? rows.sort((a, b) => b.qty - a.qty).map(({ locationId }) => locationId)
      : [await firstLocation(tx, actor.shopId)];
  const shelves: { readonly locationId: string; readonly qty: number }[] = [];
  // Locked by name, counted down from the fullest.
  for (const locationId of [...places].sort())
    shelves.push({ locationId, qty: await lockedShelf(tx, variantId, locationId) });
  const { shelf = 0, held = 0 } = (await unitsInShop(tx, [variantId])).get(variantId) ?? {};
  if (shelf + held !== had) return false;
  let change = Math.max(0, said - held) - shelf;
  const reason = 'as the till’s file says';
  for (const { locationId, qty } of shelves.sort(
    (a, b) => places.indexOf(a.locationId) - places.indexOf(b.locationId),
  )) {
    const here = change > 0 ? change : Math.max(change, -qty);
    const difference = countDifference(qty, qty + here);
    if (difference)
      await moveStock(tx, {
        variantId,
        locationId,
        cause: 'count',
        reason,
        actorId: actor.id,
        ...difference,
      });
    change -= here;
    if (change === 0) break;
  }
  return true;
}
