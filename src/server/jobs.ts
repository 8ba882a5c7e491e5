import type { TaskList } from 'graphile-worker';
import type { Database } from '@data/db';
import { addBeat, dropOldTries } from '@data/housekeeping';
import { forgetAnswers } from '@data/idempotency';
import { dropOldSessions } from '@data/people/users';
import { putAwayTasks } from '@data/practice/tasks';
import { releaseExpired } from '@data/stock/holds';
import { sendReminders } from './box/reminders';
import { keepNoLonger } from './client/keeping';
import { openRhythmBoxes } from './client/rhythms';
import { dropOldLinks } from './outbox/outbox';
import { type BackupPlan, makeBackup } from './shop/backups';

/**
 * Every minute: whoever looks at a piece releases its hold that ran out, and what nobody looks at is swept. Once an hour
 * what has had its day is put away.
 */
export const CRONTAB = `* * * * * sweep_holds ?max=1
17 * * * * put_away ?max=1
7 * * * * open_boxes ?max=1
27 * * * * remind ?max=1
37 1 * * * keep_no_longer ?max=1
12 2 * * * back_up ?max=1&jobKey=back_up`;

const DAY_MS = 86_400_000;
/** Answers kept for second senders, keys that say a deed was done, and exercises that were practised, days. */
const KEPT = { answer: 1, key: 365, exercise: 30 } as const;

/** What is done without anybody asking. Tasks may run twice and on several machines; each is safe so. */
export const tasksOf = (db: Database, now: () => Date, backups?: BackupPlan): TaskList => ({
  sweep_holds: async (_payload, { logger }) => {
    const released = await db.transaction((tx) => releaseExpired(tx, now()));
    await addBeat(db, 'worker', now());
    if (released > 0) logger.info(`${released} holds ran out and are back on the shelf`);
  },
  put_away: async () => putAway(db, now()),
  open_boxes: async (_payload, { logger }) => {
    const opened = await openRhythmBoxes(db, now());
    if (opened > 0) logger.info(`${opened} boxes were begun by their rhythm`);
  },
  remind: async (_payload, { logger }) => {
    const sent = await sendReminders(db, now());
    if (sent > 0) logger.info(`${sent} clients were reminded`);
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
  await forgetAnswers(db, { answersBefore: before(KEPT.answer), keysBefore: before(KEPT.key) });
  await dropOldTries(db, now);
  await dropOldSessions(db, now);
  await dropOldLinks(db, now);
  await putAwayTasks(db, before(KEPT.exercise));
}
