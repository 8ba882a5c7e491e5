import { and, desc, eq, or, sql } from 'drizzle-orm';
import type { Reader, Writer } from './db';
import { audit, user } from './schema';

type Deed = typeof audit.$inferInsert;

/** A statement takes 65,535 values. */
const AT_ONCE = 1000;

/** Writes deeds, in few statements. */
export async function addDeeds(tx: Pick<Writer, 'insert'>, deeds: readonly Deed[]): Promise<void> {
  for (let i = 0; i < deeds.length; i += AT_ONCE) await tx.insert(audit).values(deeds.slice(i, i + AT_ONCE));
}

/** What was done to a client, when and by whom, newest first. */
export const deedsOnClient = (db: Reader, shopId: string, clientId: string, most: number) =>
  db
    .select({ action: audit.action, entity: audit.entity, at: audit.at, by: user.name })
    .from(audit)
    .leftJoin(user, eq(user.id, audit.actorId))
    .where(
      and(
        eq(audit.shopId, shopId),
        or(
          and(eq(audit.entity, 'client'), eq(audit.entityId, clientId)),
          sql`${audit.details}->>'clientId' = ${clientId}`,
        ),
      ),
    )
    .orderBy(desc(audit.at))
    .limit(most);
