import { lab } from '@core/colour';
import { type Category, type Measures, pieceFrom, type Swatch } from '@core/piece';
import { shopEan, styleIdOf } from '@core/stock';
import type { Parsed } from '@contracts/api';
import type { Fault } from '@contracts/faults';
import { stockCsv, stockJson } from '@contracts/stock-file';
import type { GarmentSheet, SizeSheet } from '@contracts/views';
import { sqlState, SQL as STATE, type Reader } from '@data/db';
import { moveStock } from '@data/ledger';
import { splitMeasures } from '@data/pieces';
import { sizesByGarment } from '@data/stock';
import { boxLine, garment, location, shop, stockMovement, type StoredMeasures, variant } from '@data/schema';
import { and, asc, eq, inArray, isNull, like, max, ne, or, sql, type SQL } from 'drizzle-orm';
import type { PgUpdateSetSource } from 'drizzle-orm/pg-core';
import { note, noteAll } from '../audit';
import type { Context } from '../context';
import { photosOf } from '../photo/photos';
import { conflict, invalid, isId, notFound, stale } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { defineUseCase } from '../use-case';

const ROLES = ['owner', 'stylist'] as const;

/** The columns that follow from what a garment is: its usual formality unless said, its first colour in CIELAB. */
export function garmentFacts(given: {
  readonly category: Category;
  readonly colours: readonly Swatch[];
  readonly formality?: number | undefined;
}) {
  const { category, colours, formality } = given;
  const main = lab(colours[0]?.hex ?? '#808080');
  return {
    formality: formality ?? pieceFrom({ id: 'new', category, colours }).formality,
    mainL: main.l,
    mainA: main.a,
    mainB: main.b,
  };
}

/** Where new units stand until somebody moves them: the shop's first location by name. */
export async function firstLocation(db: Reader, shopId: string): Promise<string> {
  const [floor] = await locationsOf(db, shopId);
  if (!floor) throw notFound('A location of the shop');
  return floor.id;
}

const locationsOf = (db: Reader, shopId: string) =>
  db
    .select({ id: location.id, title: location.title })
    .from(location)
    .where(eq(location.shopId, shopId))
    .orderBy(asc(location.title));

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

async function garmentOf(db: Reader, shopId: string, id: string) {
  const [row] = isId(id)
    ? await db
        .select()
        .from(garment)
        .where(and(eq(garment.id, id), eq(garment.shopId, shopId)))
    : [];
  if (!row) throw notFound('That garment');
  return row;
}

/** What a garment is, without its sizes. */
const sheetOf = (row: typeof garment.$inferSelect) => ({
  id: row.id,
  title: row.title,
  label: row.label,
  styleId: row.styleId,
  setId: row.setId ?? '',
  category: row.category as Category,
  formality: row.formality,
  colours: row.colours,
  attributes: row.attributes,
  priceMinor: row.priceMinor,
});

const sizeSheet = (size: typeof variant.$inferSelect, moved = true): SizeSheet => ({
  id: size.id,
  size: size.size,
  length: size.length,
  sku: size.sku,
  ean: size.ean ?? '',
  measures: splitMeasures(size.measures).measures,
  moved,
});

export const garmentSheet = defineUseCase({
  name: 'garment-sheet',
  roles: [...ROLES, 'packer'],
  writes: false,
  async run({ tx, actor }, { id }): Promise<GarmentSheet> {
    const row = await garmentOf(tx, actor.shopId, id);
    const sizes = await tx
      .select({
        variant,
        moved: sql<boolean>`exists (select 1 from ${stockMovement} m where m.variant_id = "variant"."id")`,
      })
      .from(variant)
      .where(eq(variant.garmentId, id))
      .orderBy(asc(variant.position));
    return {
      ...sheetOf(row),
      version: row.version,
      photo: (await photosOf(tx, 'garment', [id])).get(id),
      archived: row.archivedAt !== null,
      sizes: sizes.map(({ variant: size, moved }) => sizeSheet(size, moved)),
      locations: await locationsOf(tx, actor.shopId),
    };
  },
});

export const saveGarment = defineUseCase({
  name: 'save-garment',
  roles: ROLES,
  writes: true,
  async run(context, input) {
    const { tx, actor, now } = context;
    const { sizes, numberEans, id: known, version: seen, ...given } = input;
    const values = {
      ...given,
      ...garmentFacts(given),
      styleId: given.styleId || styleIdOf(given.title),
      setId: given.setId || null,
    };
    let id = known;
    let version = 1;
    if (id) {
      const row = await garmentOf(tx, actor.shopId, id);
      if (row.version !== seen)
        throw stale([{ path: 'garment', message: `${row.title} was saved elsewhere` }]);
      version = row.version + 1;
      await tx
        .update(garment)
        .set({ ...values, version })
        .where(eq(garment.id, id));
    } else {
      const [made] = await tx
        .insert(garment)
        .values({ ...values, shopId: actor.shopId, createdAt: now })
        .returning({ id: garment.id });
      if (!made) throw new Error('the garment was not made');
      id = made.id;
    }
    await saveSizes(context, id, sizes, numberEans);
    await note(context, known ? 'change' : 'add', 'garment', id, { sizes: sizes.length });
    return { id, version };
  },
});

/** A new size of a garment, with the units that come with it. */
export async function addSize(
  { tx, actor }: Pick<Context, 'tx' | 'actor'>,
  values: Omit<typeof variant.$inferInsert, 'id' | 'shopId'>,
  units: { readonly qty: number; readonly locationId: string; readonly cause: 'delivery' | 'import' },
): Promise<void> {
  const [made] = await tx
    .insert(variant)
    .values({ ...values, shopId: actor.shopId })
    .returning({ id: variant.id });
  if (made && units.qty > 0)
    await moveStock(tx, { ...units, variantId: made.id, actorId: actor.id || undefined });
}

type SizeInput = Parsed<'save-garment'>['sizes'][number];

/** Brings the sizes of a garment to what was sent: new ones with their units, changed ones, struck ones. */
async function saveSizes(
  context: Context,
  garmentId: string,
  sizes: readonly SizeInput[],
  numberEans: boolean,
): Promise<void> {
  const { tx, actor } = context;
  const before = await tx.select().from(variant).where(eq(variant.garmentId, garmentId));
  const faults = [...doubles(sizes), ...(await taken(context, garmentId, sizes))];
  for (const [i, size] of sizes.entries())
    if (size.id && !before.some((each) => each.id === size.id))
      faults.push({ path: `sizes[${i}]`, message: 'is not a size of this garment' });
  const struck = before.filter((each) => !sizes.some((size) => size.id === each.id));
  faults.push(...(await unstrikable(tx, struck)));
  if (faults.length > 0) throw invalid(faults);
  if (struck.length > 0)
    await tx.delete(variant).where(
      inArray(
        variant.id,
        struck.map((each) => each.id),
      ),
    );
  // Two sizes may change places: nothing of the old names may stand in the way of the new ones.
  await tx
    .update(variant)
    .set({ size: sql`${variant.id}::text`, sku: sql`${variant.id}::text`, ean: null })
    .where(eq(variant.garmentId, garmentId));
  let number = numberEans ? await lastShopNumber(context) : 0;
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
        await tx.update(variant).set(values).where(eq(variant.id, old.id));
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
  const skus = sizes.map(({ sku }) => sku);
  const eans = sizes.flatMap(({ ean }) => ean || []);
  const others = await tx
    .select({ sku: variant.sku, ean: variant.ean, size: variant.size, title: garment.title })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(
        eq(variant.shopId, actor.shopId),
        ne(variant.garmentId, garmentId),
        or(inArray(variant.sku, skus), eans.length > 0 ? inArray(variant.ean, eans) : undefined),
      ),
    );
  return sizes.flatMap((size, i) =>
    (['sku', 'ean'] as const).flatMap((path) => {
      const other = others.find((each) => size[path] !== '' && each[path] === size[path]);
      return other
        ? [{ path: `sizes[${i}].${path}`, message: `${size[path]} is ${other.title}, size ${other.size}` }]
        : [];
    }),
  );
}

/** Sizes that moved or stand in a box are kept: their history needs them. */
async function unstrikable(db: Reader, struck: readonly { id: string; size: string }[]): Promise<Fault[]> {
  if (struck.length === 0) return [];
  const ids = struck.map((each) => each.id);
  const moved = await db
    .select({ id: stockMovement.variantId })
    .from(stockMovement)
    .where(inArray(stockMovement.variantId, ids));
  const boxed = await db
    .select({ id: boxLine.variantId })
    .from(boxLine)
    .where(inArray(boxLine.variantId, ids));
  const kept = new Set([...moved, ...boxed].map(({ id }) => id));
  return struck
    .filter(({ id }) => kept.has(id))
    .map(({ size }) => ({
      path: 'sizes',
      message: `${size} has a history and stays; count it to nothing instead`,
    }));
}

/**
 * The last of the shop's own EAN numbers. The shop's row is locked, so that two savers do not count from one;
 * not its key, which every new row of the shop holds a share of.
 */
async function lastShopNumber({ tx, actor }: Context): Promise<number> {
  await tx.select({ id: shop.id }).from(shop).where(eq(shop.id, actor.shopId)).for('no key update');
  const [last] = await tx
    .select({ ean: max(variant.ean) })
    .from(variant)
    .where(and(eq(variant.shopId, actor.shopId), like(variant.ean, '20%')));
  return last?.ean ? Number(last.ean.slice(2, 12)) : 0;
}

/** Changes garments of the shop all in one, each with its place in the record of changes. */
async function changeMany(
  context: Context,
  ids: readonly string[],
  values: Partial<Record<'archivedAt' | 'priceMinor', SQL | Date | null>>,
  action: string,
  details?: Record<string, unknown>,
): Promise<{ changed: number }> {
  const { tx, actor } = context;
  const changed = await tx
    .update(garment)
    .set({ ...values, version: sql`${garment.version} + 1` } as PgUpdateSetSource<typeof garment>)
    .where(and(eq(garment.shopId, actor.shopId), inArray(garment.id, [...ids])))
    .returning({ id: garment.id });
  if (changed.length === 0) throw notFound('That garment');
  await noteAll(
    context,
    action,
    'garment',
    changed.map(({ id }) => id),
    details,
  );
  return { changed: changed.length };
}

export const archiveGarments = defineUseCase({
  name: 'archive-garments',
  roles: ROLES,
  writes: true,
  run: (context, { ids, archived }) =>
    changeMany(
      context,
      ids,
      { archivedAt: archived ? context.now : null },
      archived ? 'archive' : 'bring back',
    ),
});

/** Prices go up or down by a share, each rounded half up to whole cents. */
export const priceGarments = defineUseCase({
  name: 'price-garments',
  roles: ROLES,
  writes: true,
  run: (context, { ids, percent }) =>
    changeMany(
      context,
      ids,
      { priceMinor: sql`round(${garment.priceMinor}::numeric * (100 + ${percent}::numeric) / 100)::int` },
      'price',
      { percent },
    ),
});

/** All that is not archived, as a file that reads back in. */
export const exportStock = defineUseCase({
  name: 'export-stock',
  roles: ROLES,
  writes: false,
  async run({ tx, actor, now }, { format }) {
    const { zone } = await shopOf(tx, actor.shopId);
    const rows = await tx
      .select()
      .from(garment)
      .where(and(eq(garment.shopId, actor.shopId), isNull(garment.archivedAt)))
      .orderBy(asc(garment.category), asc(garment.title));
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
    return {
      fileName: `stock-${dayIn(zone, now)}.${format}`,
      text: format === 'csv' ? stockCsv(garments) : stockJson(garments),
    };
  },
});
