import { asc, eq, getTableName, inArray, or } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { account, box, client, garment, location, photo, promotion, shop, user } from '../schema';
import { type JsonRow, selectionOf } from './rows';
import type { ArchivedTable } from './tables';

/** What a table is called in the database. */
export const sqlName = ({ table }: ArchivedTable): string => getTableName(table);

/** Rows of a table of a shop as an archive writes them, so many from an offset on. */
export const archivedRows = async (
  db: Reader,
  archived: ArchivedTable,
  shopId: string,
  { offset, limit }: { readonly offset: number; readonly limit: number },
): Promise<JsonRow[]> =>
  (await db
    .select(selectionOf(archived))
    .from(archived.table)
    .where(archived.of(shopId))
    .orderBy(...archived.order.map((column) => asc(column)))
    .limit(limit)
    .offset(offset)) as JsonRow[];

/** True while a shop has no garment, no client and no box. */
export async function hasNothing(db: Reader, shopId: string): Promise<boolean> {
  for (const table of [garment, client, box] as const) {
    const [one] = await db.select({ id: table.id }).from(table).where(eq(table.shopId, shopId)).limit(1);
    if (one) return false;
  }
  return true;
}

/** Places and reductions a shop was given when it was opened make room for those of an archive. */
export async function makeRoom(tx: Writer, shopId: string): Promise<void> {
  await tx.delete(promotion).where(eq(promotion.shopId, shopId));
  await tx.delete(location).where(eq(location.shopId, shopId));
}

export async function takeTerms(
  tx: Writer,
  shopId: string,
  terms: Partial<typeof shop.$inferInsert>,
): Promise<void> {
  await tx.update(shop).set(terms).where(eq(shop.id, shopId));
}

/** Rows of a checked archive go in as they are. */
export async function insertRows(
  tx: Writer,
  archived: ArchivedTable,
  rows: readonly Readonly<Record<string, unknown>>[],
): Promise<void> {
  if (rows.length > 0) await tx.insert(archived.table).values([...rows] as never);
}

/** Accounts that have one of these addresses or ids, of whatever shop. */
export async function accountsLike(db: Reader, emails: readonly string[], ids: readonly string[]) {
  if (emails.length === 0) return [];
  return db
    .select({ id: user.id, email: user.email, shopId: user.shopId })
    .from(user)
    .where(or(inArray(user.email, [...emails]), inArray(user.id, [...ids])));
}

/** An account without a password: whoever it is of is sent a link to choose one. */
export async function addAccount(
  tx: Writer,
  values: typeof user.$inferInsert,
  credentialId: string,
  at: Date,
): Promise<void> {
  await tx.insert(user).values(values);
  await tx.insert(account).values({
    id: credentialId,
    accountId: values.id,
    providerId: 'credential',
    userId: values.id,
    password: null,
    updatedAt: at,
  });
}

export async function insertPhoto(tx: Writer, values: typeof photo.$inferInsert): Promise<void> {
  await tx.insert(photo).values(values);
}
