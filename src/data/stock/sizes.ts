import { randomUUID } from 'node:crypto';
import { and, asc, eq, gt, inArray, isNull, like, max, ne, or, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { boxLine, garment, shop, stockBalance, stockMovement, variant } from '../schema';

export type GarmentRow = typeof garment.$inferSelect;
export type SizeOfGarment = typeof variant.$inferSelect;
type SizeValues = Partial<typeof variant.$inferInsert>;

const withGarment = (db: Reader) =>
  db.select({ variant, garment }).from(variant).innerJoin(garment, eq(garment.id, variant.garmentId));

/** A size of the shop with its garment. */
export async function findSize(db: Reader, shopId: string, id: string) {
  const [found] = await withGarment(db).where(and(eq(variant.id, id), eq(variant.shopId, shopId)));
  return found;
}

/** The size a SKU or an EAN stands for; capitals do not matter, as scanners differ. */
export async function sizeOfCode(db: Reader, shopId: string, code: string) {
  const [found] = await withGarment(db)
    .where(
      and(
        eq(variant.shopId, shopId),
        or(eq(sql`upper(${variant.sku})`, code.toUpperCase()), eq(variant.ean, code)),
      ),
    )
    .limit(1);
  return found;
}

/** Every size of every colour of a size's style, with how many are on the shelf; archived colours are left out. */
export async function styleSizes(db: Reader, shopId: string, variantId: string) {
  const own = await findSize(db, shopId, variantId);
  if (!own) return [];
  return db
    .select({
      variant,
      garment,
      there: sql<number>`coalesce((select sum(b.qty) from ${stockBalance} b where b.variant_id = "variant"."id" and b.place = 'shelf'), 0)::int`,
    })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(
        eq(garment.shopId, shopId),
        eq(garment.styleId, own.garment.styleId),
        or(isNull(garment.archivedAt), eq(garment.id, own.garment.id)),
      ),
    )
    .orderBy(sql`${garment.id} <> ${own.garment.id}`, asc(garment.title), asc(variant.position));
}

/** Sizes of a garment in their order. */
export const sizesOf = (db: Reader, garmentId: string): Promise<SizeOfGarment[]> =>
  db.select().from(variant).where(eq(variant.garmentId, garmentId)).orderBy(asc(variant.position));

/** The same, each with whether a unit of it ever moved. */
export const sizesWithHistory = (db: Reader, garmentId: string) =>
  db
    .select({
      variant,
      moved: sql<boolean>`exists (select 1 from ${stockMovement} m where m.variant_id = "variant"."id")`,
    })
    .from(variant)
    .where(eq(variant.garmentId, garmentId))
    .orderBy(asc(variant.position));

/** A new size; its id. */
export async function addSizeRow(tx: Writer, values: typeof variant.$inferInsert): Promise<string> {
  const [made] = await tx.insert(variant).values(values).returning({ id: variant.id });
  if (!made) throw new Error('the size was not made');
  return made.id;
}

export async function changeSize(tx: Writer, id: string, values: SizeValues): Promise<void> {
  await tx.update(variant).set(values).where(eq(variant.id, id));
}

export async function dropSizes(tx: Writer, ids: readonly string[]): Promise<void> {
  if (ids.length > 0) await tx.delete(variant).where(inArray(variant.id, [...ids]));
}

/** Takes the names of a garment's sizes away: two may change places, and nothing old may stand in the way of the new. */
export async function unnameSizes(tx: Writer, garmentId: string): Promise<void> {
  await tx
    .update(variant)
    .set({ size: sql`${variant.id}::text`, sku: sql`${variant.id}::text`, ean: null })
    .where(eq(variant.garmentId, garmentId));
}

/** Sizes of a shop that have one of these codes already, with their garments. */
export const sizesWithCodes = (
  db: Reader,
  shopId: string,
  skus: readonly string[],
  eans: readonly string[],
) =>
  db
    .select({
      id: variant.id,
      garmentId: variant.garmentId,
      sku: variant.sku,
      ean: variant.ean,
      size: variant.size,
      title: garment.title,
      priceMinor: garment.priceMinor,
    })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(
        eq(variant.shopId, shopId),
        or(inArray(variant.sku, [...skus]), eans.length > 0 ? inArray(variant.ean, [...eans]) : undefined),
      ),
    );

/** Sizes of garments with their names, to tell whether one is there already. */
export const sizesOfGarments = (db: Reader, garmentIds: readonly string[]): Promise<SizeOfGarment[]> =>
  db
    .select()
    .from(variant)
    .where(sql`${variant.garmentId} = any(${sql.param(garmentIds)}::uuid[])`)
    .orderBy(asc(variant.position));

/** New sizes at once; their ids, in the order of the values. */
export async function addSizeRows(
  tx: Writer,
  values: readonly (typeof variant.$inferInsert)[],
): Promise<string[]> {
  const ids = values.map(({ id }) => id ?? randomUUID());
  if (values.length > 0)
    await tx.insert(variant).values(values.map((value, i) => ({ ...value, id: ids[i] as string })));
  return ids;
}

/** Of these sizes, those that moved or stand in a box. */
export async function sizesInUse(db: Reader, ids: readonly string[]): Promise<ReadonlySet<string>> {
  if (ids.length === 0) return new Set();
  const moved = await db
    .select({ id: stockMovement.variantId })
    .from(stockMovement)
    .where(inArray(stockMovement.variantId, [...ids]));
  const boxed = await db
    .select({ id: boxLine.variantId })
    .from(boxLine)
    .where(inArray(boxLine.variantId, [...ids]));
  return new Set([...moved, ...boxed].map(({ id }) => id));
}

/**
 * The last of the shop's own EAN numbers. The shop's row is locked, so that two savers do not count from one;
 * not its key, which every new row of the shop holds a share of.
 */
export async function lastShopNumber(tx: Writer, shopId: string): Promise<number> {
  await tx.select({ id: shop.id }).from(shop).where(eq(shop.id, shopId)).for('no key update');
  const [last] = await tx
    .select({ ean: max(variant.ean) })
    .from(variant)
    .where(and(eq(variant.shopId, shopId), like(variant.ean, '20%')));
  return last?.ean ? Number(last.ean.slice(2, 12)) : 0;
}

/** A place where a size stands on the shelf: the one asked for, or the first. */
export async function shelfWith(db: Reader, variantId: string, locationId?: string) {
  const [place] = await db
    .select()
    .from(stockBalance)
    .where(
      and(
        eq(stockBalance.variantId, variantId),
        eq(stockBalance.place, 'shelf'),
        gt(stockBalance.qty, 0),
        locationId ? eq(stockBalance.locationId, locationId) : undefined,
      ),
    )
    .orderBy(asc(stockBalance.locationId))
    .limit(1);
  return place;
}

/** Other sizes of a garment on the shelf, the nearest first. */
export const nearestSizes = (
  db: Reader,
  shopId: string,
  { id, garmentId, position }: Pick<SizeOfGarment, 'id' | 'garmentId' | 'position'>,
  most: number,
) =>
  db
    .select({ size: variant.size, qty: stockBalance.qty })
    .from(variant)
    .innerJoin(
      stockBalance,
      and(eq(stockBalance.variantId, variant.id), eq(stockBalance.place, 'shelf'), gt(stockBalance.qty, 0)),
    )
    .where(and(eq(variant.garmentId, garmentId), ne(variant.id, id), eq(variant.shopId, shopId)))
    .orderBy(sql`abs(${variant.position} - ${position})`)
    .limit(most);

/** A size of some styles on the shelf, with its codes. */
export const sampleSizes = (db: Reader, shopId: string, most: number) =>
  db
    .selectDistinctOn([garment.styleId], {
      sku: variant.sku,
      ean: variant.ean,
      size: variant.size,
      title: garment.title,
    })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .innerJoin(
      stockBalance,
      and(eq(stockBalance.variantId, variant.id), eq(stockBalance.place, 'shelf'), gt(stockBalance.qty, 0)),
    )
    .where(eq(variant.shopId, shopId))
    .orderBy(asc(garment.styleId), asc(variant.sku))
    .limit(most);

/** Every size of a shop, by its SKU. */
export const allSizeIds = async (db: Reader, shopId: string): Promise<string[]> =>
  (
    await db
      .select({ id: variant.id })
      .from(variant)
      .where(eq(variant.shopId, shopId))
      .orderBy(asc(variant.sku))
  ).map(({ id }) => id);

/** The first size of that name of a garment of that title. */
export async function sizeNamed(
  db: Reader,
  shopId: string,
  title: string,
  size: string,
): Promise<string | undefined> {
  const [found] = await db
    .select({ id: variant.id })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(and(eq(garment.shopId, shopId), eq(garment.title, title), eq(variant.size, size)))
    .orderBy(asc(variant.position))
    .limit(1);
  return found?.id;
}
