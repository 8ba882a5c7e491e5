import { lastBeat } from '@data/housekeeping';
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
    const last = await lastBeat(database());
    if (!last) return { database: 'answers', worker: 'was never here' };
    return {
      database: 'answers',
      worker: now.getTime() - last.getTime() > LATE_MS ? 'late' : 'works',
      workerAt: last.toISOString(),
    };
  } catch {
    return { database: 'does not answer', worker: 'unknown' };
  }
}
