import type { TaskList } from 'graphile-worker';
import type { Database } from '@data/db';
import { idempotency, rateLimit, session } from '@data/schema';
import { and, isNotNull, lt, sql } from 'drizzle-orm';
import { keepNoLonger } from './client/keeping';
import { openRhythmBoxes } from './client/rhythms';
import { beat } from './health';
import { dropOldLinks } from './outbox/outbox';
import { type BackupPlan, makeBackup } from './shop/backups';
import { releaseExpired } from './stock/holds';

/**
 * Every minute: whoever looks at a piece releases its hold that ran out, and what nobody looks at is swept. Once an hour
 * what has had its day is put away.
 */
export const CRONTAB = `* * * * * sweep_holds ?max=1
17 * * * * put_away ?max=1
7 * * * * open_boxes ?max=1
37 1 * * * keep_no_longer ?max=1
12 2 * * * back_up ?max=1&jobKey=back_up`;

const DAY_MS = 86_400_000;
/** Answers kept for second senders, and keys that say a deed was done, days. */
const KEPT = { answer: 1, key: 365 } as const;

/** What is done without anybody asking. Tasks may run twice and on several machines; each is safe so. */
export const tasksOf = (db: Database, now: () => Date, backups?: BackupPlan): TaskList => ({
  sweep_holds: async (_payload, { logger }) => {
    const released = await db.transaction((tx) => releaseExpired(tx, now()));
    await beat(db, 'worker', now());
    if (released > 0) logger.info(`${released} holds ran out and are back on the shelf`);
  },
  put_away: async () => putAway(db, now()),
  open_boxes: async (_payload, { logger }) => {
    const opened = await openRhythmBoxes(db, now());
    if (opened > 0) logger.info(`${opened} boxes were begun by their rhythm`);
  },
  back_up: async (_payload, { logger }) => {
    const made = await makeBackup(db, backups, now());
    if (!made) logger.error('the backup of this night was not made');
  },
  keep_no_longer: async (_payload, { logger }) => {
    const gone = await keepNoLonger(db, now());
    if (gone > 0) logger.info(`of ${gone} clients what is kept no longer is gone`);
  },
});

/**
 * Blanks stored answers after a day (they may hold a person), forgets keys after a year, counts of tries once their window
 * is over, and sessions that have ended.
 */
export async function putAway(db: Database, now: Date): Promise<void> {
  const before = (days: number): Date => new Date(now.getTime() - days * DAY_MS);
  await db
    .update(idempotency)
    .set({ answer: null })
    .where(and(isNotNull(idempotency.answer), lt(idempotency.createdAt, before(KEPT.answer))));
  await db.delete(idempotency).where(lt(idempotency.createdAt, before(KEPT.key)));
  await db.delete(rateLimit).where(sql`${rateLimit.expire} < ${now.getTime()}`);
  await db.delete(session).where(lt(session.expiresAt, now));
  await dropOldLinks(db, now);
}
