import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { BodyMeasures } from '@core/figure';
import type { Profile } from '@core/client';
import type { Reader, Writer } from '../db';
import { grouped } from '@core/grouped';
import { client, clientMeasure, shop } from '../schema';

export type ClientRow = typeof client.$inferSelect;
type ClientValues = Partial<typeof client.$inferInsert>;

export interface ClientRecord {
  readonly row: ClientRow;
  /** Measures as they were taken or guessed. */
  readonly given: BodyMeasures;
  readonly profile: Profile;
}

/** A client of the shop, her row locked for the rest of the transaction when `lock` is set; an erased one is not found. */
export async function findClient(
  db: Reader,
  shopId: string,
  id: string,
  lock = false,
): Promise<ClientRecord | undefined> {
  const query = db
    .select()
    .from(client)
    .where(and(eq(client.id, id), eq(client.shopId, shopId), isNull(client.erasedAt)));
  const [row] = await (lock ? query.for('update') : query);
  if (!row) return undefined;
  return recordOf(row, await measuresOf(db, id));
}

/** Clients of a shop with their measures, by name: two statements however many there are. */
export async function clientsWithMeasures(db: Reader, shopId: string): Promise<ClientRecord[]> {
  const rows = await clientsOf(db, shopId);
  if (rows.length === 0) return [];
  const measures = await db
    .select()
    .from(clientMeasure)
    .where(
      inArray(
        clientMeasure.clientId,
        rows.map(({ id }) => id),
      ),
    );
  const byClient = grouped(measures, ({ clientId }) => clientId);
  return rows.map((row) => recordOf(row, byClient.get(row.id) ?? []));
}

function recordOf(row: ClientRow, measures: readonly MeasureRow[]): ClientRecord {
  const estimated = measures.filter(({ origin }) => origin === 'estimated').map(({ name }) => name);
  const given: BodyMeasures = {
    ...Object.fromEntries(measures.map((each) => [each.name, each.mm])),
    ...(estimated.length > 0 ? { estimated } : {}),
  };
  return { row, given, profile: { ...row.profile, measures: given } };
}

/** A client whatever the shop, for what nobody asks for: her row, locked when `lock` is set. */
export async function clientRow(db: Reader, id: string, lock = false): Promise<ClientRow | undefined> {
  const query = db
    .select()
    .from(client)
    .where(and(eq(client.id, id), isNull(client.erasedAt)));
  const [row] = await (lock ? query.for('update') : query);
  return row;
}

/** Clients of a shop, by name. */
export const clientsOf = (db: Reader, shopId: string): Promise<ClientRow[]> =>
  db
    .select()
    .from(client)
    .where(and(eq(client.shopId, shopId), isNull(client.erasedAt)))
    .orderBy(asc(client.name));

/** A new client; her id. */
export async function addClientRow(tx: Writer, values: typeof client.$inferInsert): Promise<string> {
  const [made] = await tx.insert(client).values(values).returning({ id: client.id });
  if (!made) throw new Error('the client was not made');
  return made.id;
}

/** Writes to a client's page, one version further. */
export async function changeClient(tx: Writer, id: string, values: ClientValues): Promise<void> {
  await tx
    .update(client)
    .set({ ...values, version: sql`${client.version} + 1` })
    .where(eq(client.id, id));
}

/** What a client is called, and where: all that a private page may say. */
export async function nameAndShop(db: Reader, clientId: string) {
  const [person] = await db
    .select({
      name: client.name,
      shopId: client.shopId,
      shopName: shop.name,
      currency: shop.currency,
      english: shop.english,
      units: shop.units,
    })
    .from(client)
    .innerJoin(shop, eq(shop.id, client.shopId))
    .where(eq(client.id, clientId));
  return person;
}

type MeasureRow = typeof clientMeasure.$inferSelect;
type MeasureValues = Omit<typeof clientMeasure.$inferInsert, 'clientId'>;

export const measuresOf = (db: Reader, clientId: string): Promise<MeasureRow[]> =>
  db.select().from(clientMeasure).where(eq(clientMeasure.clientId, clientId));

/** Measures in the place of all there were. */
export async function setMeasures(
  tx: Writer,
  clientId: string,
  given: readonly MeasureValues[],
): Promise<void> {
  await tx.delete(clientMeasure).where(eq(clientMeasure.clientId, clientId));
  if (given.length > 0) await tx.insert(clientMeasure).values(given.map((each) => ({ ...each, clientId })));
}

/** One measure, in the place of the one of its name. */
export async function putMeasure(tx: Writer, clientId: string, given: MeasureValues): Promise<void> {
  const { mm, origin, takenAt } = given;
  await tx
    .insert(clientMeasure)
    .values({ ...given, clientId })
    .onConflictDoUpdate({
      target: [clientMeasure.clientId, clientMeasure.name],
      set: { mm, origin, takenAt },
    });
}
