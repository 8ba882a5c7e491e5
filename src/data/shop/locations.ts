import type { LocationView } from '@contracts/shop/shop-page-view';
import { and, asc, eq, ne, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { location, stockBalance } from '../schema';

type LocationValues = Partial<typeof location.$inferInsert>;

/** Places of a shop, by name. */
export const locationsOf = (db: Reader, shopId: string) =>
  db
    .select({ id: location.id, title: location.title, kind: location.kind })
    .from(location)
    .where(eq(location.shopId, shopId))
    .orderBy(asc(location.title));

/** The same with the units that are there. */
export async function locationsWithUnits(db: Reader, shopId: string): Promise<LocationView[]> {
  const units = sql<number>`coalesce(sum(${stockBalance.qty}) filter (where ${stockBalance.place} <> 'supplier'), 0)::int`;
  return db
    .select({ id: location.id, title: location.title, kind: location.kind, units })
    .from(location)
    .leftJoin(stockBalance, eq(stockBalance.locationId, location.id))
    .where(eq(location.shopId, shopId))
    .groupBy(location.id)
    .orderBy(asc(location.title));
}

/** True when another place of the shop has this name, whatever its capitals. */
export async function isLocationNamed(
  db: Reader,
  shopId: string,
  title: string,
  butFor?: string,
): Promise<boolean> {
  const [same] = await db
    .select({ id: location.id })
    .from(location)
    .where(
      and(
        eq(location.shopId, shopId),
        sql`lower(${location.title}) = lower(${title})`,
        butFor ? ne(location.id, butFor) : undefined,
      ),
    );
  return same !== undefined;
}

export async function addLocations(
  tx: Writer,
  values: readonly (typeof location.$inferInsert)[],
): Promise<void> {
  await tx.insert(location).values([...values]);
}

/** False when the shop has no such place. */
export async function changeLocation(
  tx: Writer,
  shopId: string,
  id: string,
  values: LocationValues,
): Promise<boolean> {
  const changed = await tx
    .update(location)
    .set(values)
    .where(and(eq(location.id, id), eq(location.shopId, shopId)))
    .returning({ id: location.id });
  return changed.length > 0;
}
