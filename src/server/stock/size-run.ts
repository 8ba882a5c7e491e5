import { sizePhrase } from '@core/fit';
import type { Measures } from '@core/piece';
import { shopEan } from '@core/stock';
import type { Parsed } from '@contracts/calls';
import type { Fault } from '@contracts/faults';
import { sqlState, SQL as STATE, type Reader } from '@data/db';
import type { StoredMeasures } from '@data/schema';
import { locationsOf } from '@data/shop/locations';
import { moveStock } from '@data/stock/ledger';
import {
  addSizeRow,
  changeSize,
  dropSizes,
  lastShopNumber,
  type SizeOfGarment,
  sizesInUse,
  sizesOf,
  sizesWithCodes,
  unnameSizes,
} from '@data/stock/sizes';
import type { Context } from '../context';
import { conflict, invalid, notFound } from '../problem';

/** Where new units stand until somebody moves them: the shop's first location by name. */
export async function firstLocation(db: Reader, shopId: string): Promise<string> {
  const [floor] = await locationsOf(db, shopId);
  if (!floor) throw notFound('A location of the shop');
  return floor.id;
}

/** Lengths somebody gave, mm, as a variant stores them; what stood there unchanged keeps its origin. */
export function storedMeasures(given: Measures, before: StoredMeasures = {}): StoredMeasures {
  const entries = Object.entries(given) as [keyof Measures, number | undefined][];
  return Object.fromEntries(
    entries.flatMap(([name, mm]) => {
      const kept = before[name];
      return mm === undefined ? [] : [[name, kept?.mm === mm ? kept : { mm, origin: 'given' as const }]];
    }),
  );
}

/** A new size of a garment, with the units that come with it. */
async function addSize(
  { tx, actor }: Pick<Context, 'tx' | 'actor'>,
  values: Omit<Parameters<typeof addSizeRow>[1], 'id' | 'shopId'>,
  units: { readonly qty: number; readonly locationId: string; readonly cause: 'delivery' },
): Promise<void> {
  const variantId = await addSizeRow(tx, { ...values, shopId: actor.shopId });
  if (units.qty > 0) await moveStock(tx, { ...units, variantId, actorId: actor.id || undefined });
}

type SizeInput = Parsed<'save-garment'>['sizes'][number];

/** Brings the sizes of a garment to what was sent: new ones with their units, changed ones, struck ones. */
export async function saveSizes(
  context: Context,
  garmentId: string,
  sizes: readonly SizeInput[],
  numberEans: boolean,
): Promise<void> {
  const { tx, actor } = context;
  const before = await sizesOf(tx, garmentId);
  const faults = [...doubles(sizes), ...(await taken(context, garmentId, sizes))];
  for (const [i, size] of sizes.entries())
    if (size.id && !before.some((each) => each.id === size.id))
      faults.push({ path: `sizes[${i}]`, message: 'is not a size of this garment' });
  const struck = before.filter((each) => !sizes.some((size) => size.id === each.id));
  faults.push(...(await unstrikable(tx, struck)));
  if (faults.length > 0) throw invalid(faults);
  await dropSizes(
    tx,
    struck.map(({ id }) => id),
  );
  await unnameSizes(tx, garmentId);
  let number = numberEans ? await lastShopNumber(tx, actor.shopId) : 0;
  const floor = await firstLocation(tx, actor.shopId);
  try {
    for (const [position, size] of sizes.entries()) {
      const ean = size.ean || (numberEans ? shopEan(++number) : null);
      const old = before.find((each) => each.id === size.id);
      const values = {
        size: size.size,
        length: size.length,
        sku: size.sku,
        ean,
        position,
        measures: storedMeasures(size.measures, old?.measures),
      };
      if (old) {
        await changeSize(tx, old.id, values);
        continue;
      }
      await addSize(
        context,
        { ...values, garmentId },
        { qty: size.qty, locationId: floor, cause: 'delivery' },
      );
    }
  } catch (error) {
    // Somebody else took the SKU or the EAN between the look above and now.
    if (sqlState(error) === STATE.unique)
      throw conflict('A SKU or EAN of these sizes was given to another garment just now. Save again.');
    throw error;
  }
}

/** Sizes, SKUs and EANs that stand twice in what was sent. */
function doubles(sizes: readonly SizeInput[]): Fault[] {
  const faults: Fault[] = [];
  const once = (path: 'size' | 'sku' | 'ean', key: (size: SizeInput) => string): void => {
    const first = new Map<string, number>();
    for (const [i, size] of sizes.entries()) {
      const value = key(size);
      const at = first.get(value);
      if (value === '' || at === undefined) first.set(value, i);
      else
        faults.push({
          path: `sizes[${i}].${path}`,
          message: `${value.trim()} stands in row ${at + 1} already`,
        });
    }
  };
  once('size', (size) => `${size.size} ${size.length}`);
  once('sku', (size) => size.sku);
  once('ean', (size) => size.ean);
  return faults;
}

/** SKUs and EANs that belong to other garments of the shop. */
async function taken(
  { tx, actor }: Context,
  garmentId: string,
  sizes: readonly SizeInput[],
): Promise<Fault[]> {
  const found = await sizesWithCodes(
    tx,
    actor.shopId,
    sizes.map(({ sku }) => sku),
    sizes.flatMap(({ ean }) => ean || []),
  );
  const others = found.filter((each) => each.garmentId !== garmentId);
  return sizes.flatMap((size, i) =>
    (['sku', 'ean'] as const).flatMap((path) => {
      const other = others.find((each) => size[path] !== '' && each[path] === size[path]);
      return other
        ? [
            {
              path: `sizes[${i}].${path}`,
              message: `${size[path]} is ${other.title}, ${sizePhrase(other.size)}`,
            },
          ]
        : [];
    }),
  );
}

/** Sizes that moved or stand in a box are kept: their history needs them. */
async function unstrikable(db: Reader, struck: readonly SizeOfGarment[]): Promise<Fault[]> {
  const kept = await sizesInUse(
    db,
    struck.map(({ id }) => id),
  );
  return struck
    .filter(({ id }) => kept.has(id))
    .map(({ size }) => ({
      path: 'sizes',
      message: `${size} has a history and stays; count it to nothing instead`,
    }));
}
