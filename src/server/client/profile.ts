import type { BodyMeasures } from '@core/figure';
import type { Profile } from '@core/client';
import type { Reader } from '@data/db';
import { client, clientMeasure } from '@data/schema';
import { and, eq } from 'drizzle-orm';
import { isId, notFound } from '../problem';

export type ClientRow = typeof client.$inferSelect;

/** A client of the shop, her row locked for the rest of the transaction when `lock` is set; an erased one is not here. */
export async function clientOf(
  db: Reader,
  shopId: string,
  id: string,
  lock = false,
): Promise<{ row: ClientRow; given: BodyMeasures; profile: Profile }> {
  if (!isId(id)) throw notFound('That client');
  const query = db
    .select()
    .from(client)
    .where(and(eq(client.id, id), eq(client.shopId, shopId)));
  const [row] = await (lock ? query.for('update') : query);
  if (!row || row.erasedAt) throw notFound('That client');
  const measures = await db.select().from(clientMeasure).where(eq(clientMeasure.clientId, id));
  const estimated = measures.filter(({ origin }) => origin === 'estimated').map(({ name }) => name);
  const given: BodyMeasures = {
    ...Object.fromEntries(measures.map((each) => [each.name, each.mm])),
    ...(estimated.length > 0 ? { estimated } : {}),
  };
  return { row, given, profile: { ...row.profile, measures: given } };
}
