import { workerBeat } from '@data/schema';
import { desc, sql } from 'drizzle-orm';
import type { Database } from '@data/db';
import { database } from './database';

/** A worker does its rounds every minute; after so long without any it is late, ms. */
const LATE_MS = 3 * 60_000;

export interface Health {
  readonly database: 'answers' | 'does not answer';
  readonly worker: 'works' | 'late' | 'was never here' | 'unknown';
  /** When a worker last did its rounds. */
  readonly workerAt?: string | undefined;
}

/** Whether the database answers, and whether somebody does the jobs. */
export async function health(now: Date): Promise<Health> {
  try {
    const [last] = await database().select().from(workerBeat).orderBy(desc(workerBeat.at)).limit(1);
    if (!last) return { database: 'answers', worker: 'was never here' };
    return {
      database: 'answers',
      worker: now.getTime() - last.at.getTime() > LATE_MS ? 'late' : 'works',
      workerAt: last.at.toISOString(),
    };
  } catch {
    return { database: 'does not answer', worker: 'unknown' };
  }
}

/** Writes that a worker did its rounds. */
export async function beat(db: Database, name: string, now: Date): Promise<void> {
  await db
    .insert(workerBeat)
    .values({ name, at: now })
    .onConflictDoUpdate({
      target: workerBeat.name,
      set: { at: sql`greatest(${workerBeat.at}, excluded.at)` },
    });
}
