import { desc, sql } from 'drizzle-orm';
import type { Database, Reader, Writer } from './db';
import { rateLimit, workerBeat } from './schema';

/** When a worker last did its rounds. */
export async function lastBeat(db: Reader): Promise<Date | undefined> {
  const [last] = await db.select().from(workerBeat).orderBy(desc(workerBeat.at)).limit(1);
  return last?.at;
}

/** Writes that a worker did its rounds; the latest counts. */
export async function addBeat(db: Database, name: string, at: Date): Promise<void> {
  await db
    .insert(workerBeat)
    .values({ name, at })
    .onConflictDoUpdate({
      target: workerBeat.name,
      set: { at: sql`greatest(${workerBeat.at}, excluded.at)` },
    });
}

/** Counts of tries whose window is over. */
export async function dropOldTries(tx: Writer, now: Date): Promise<void> {
  await tx.delete(rateLimit).where(sql`${rateLimit.expire} < ${now.getTime()}`);
}
