import type { Connection } from '@data/db';
import { client, garment, stockBalance, variant } from '@data/schema';
import { and, asc, eq, gt, sql } from 'drizzle-orm';
import type { Caller } from './server';

export interface Shelved {
  readonly variantId: string;
  readonly garmentId: string;
  readonly title: string;
  readonly sku: string;
  readonly locationId: string;
  readonly units: number;
}

/** Sizes with so many units on the shelf, all of them at one place of the shop, in the order of their SKUs. */
export async function onShelf(db: Connection['db'], least: number, most = least): Promise<Shelved[]> {
  const units = sql<number>`sum(${stockBalance.qty})::int`;
  return db
    .select({
      variantId: variant.id,
      garmentId: garment.id,
      title: garment.title,
      sku: variant.sku,
      locationId: sql<string>`min(${stockBalance.locationId}::text)`,
      units,
    })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .innerJoin(
      stockBalance,
      and(eq(stockBalance.variantId, variant.id), eq(stockBalance.place, 'shelf'), gt(stockBalance.qty, 0)),
    )
    .groupBy(variant.id, garment.id)
    .having(sql`count(*) = 1 and ${units} between ${least} and ${most}`)
    .orderBy(asc(variant.sku));
}

/** Units of a size on the shelf now, over all places. */
export async function shelfOf(db: Connection['db'], variantId: string): Promise<number> {
  const rows = await db
    .select({ qty: stockBalance.qty })
    .from(stockBalance)
    .where(and(eq(stockBalance.variantId, variantId), eq(stockBalance.place, 'shelf')));
  return rows.reduce((sum, { qty }) => sum + qty, 0);
}

/** Boxes begun for the first client there is. */
export async function newBoxes(db: Connection['db'], caller: Caller, count: number): Promise<string[]> {
  const [person] = await db.select().from(client).limit(1);
  if (!person) throw new Error('no client');
  const made: string[] = [];
  for (let i = 0; i < count; i++)
    made.push((await caller.call('start-box', { clientId: person.id })).answer.id);
  return made;
}
