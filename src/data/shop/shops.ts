import { eq, sql } from 'drizzle-orm';
import type { Database, Reader, Writer } from '../db';
import { shop } from '../schema';

export type ShopRow = typeof shop.$inferSelect;
type ShopValues = Partial<typeof shop.$inferInsert>;

/** The shop, its row locked for the rest of the transaction when `lock` is set. */
export async function findShop(db: Reader, id: string, lock = false): Promise<ShopRow | undefined> {
  const query = db.select().from(shop).where(eq(shop.id, id));
  const [row] = await (lock ? query.for('update') : query);
  return row;
}

export const allShops = (db: Database): Promise<ShopRow[]> => db.select().from(shop);

/** A new shop; its id. */
export async function addShop(tx: Writer, values: typeof shop.$inferInsert): Promise<string> {
  const [made] = await tx.insert(shop).values(values).returning({ id: shop.id });
  if (!made) throw new Error('the shop was not made');
  return made.id;
}

/** Writes to a shop, one version further. */
export async function changeShop(tx: Writer, id: string, values: ShopValues): Promise<void> {
  await tx
    .update(shop)
    .set({ ...values, version: sql`${shop.version} + 1` })
    .where(eq(shop.id, id));
}

/** Keeps what is no setting that somebody edits: the version stays, so that nobody's form is out of date by it. */
export async function noteOfShop(
  tx: Writer,
  id: string,
  values: Pick<ShopValues, 'tillColumns'>,
): Promise<void> {
  await tx.update(shop).set(values).where(eq(shop.id, id));
}

/** One first visit after the other. */
export async function lockFirstVisit(tx: Writer): Promise<void> {
  await tx.execute(sql`select pg_advisory_xact_lock(hashtext('first-owner'))`);
}
