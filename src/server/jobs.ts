import type { TaskList } from 'graphile-worker';
import type { Database } from '@data/db';
import { releaseExpired } from './stock/holds';

/** Every minute: whoever looks at a piece releases its hold that ran out, and what nobody looks at is swept. */
export const CRONTAB = '* * * * * sweep_holds ?max=1';

/** What is done without anybody asking. Tasks may run twice and on several machines; each is safe so. */
export const tasksOf = (db: Database, now: () => Date): TaskList => ({
  sweep_holds: async (_payload, { logger }) => {
    const released = await db.transaction((tx) => releaseExpired(tx, now()));
    if (released > 0) logger.info(`${released} holds ran out and are back on the shelf`);
  },
});
