import { desc, isNotNull, lt, sql } from 'drizzle-orm';
import type { Database, Reader, Writer } from '../db';
import { backupRun } from '../schema';

export type BackupRun = typeof backupRun.$inferSelect;

/** The last nights, newest first. */
export const backupRuns = (db: Reader, most: number): Promise<BackupRun[]> =>
  db.select().from(backupRun).orderBy(desc(backupRun.at)).limit(most);

/** The last night that made a file. */
export async function lastGoodRun(db: Reader): Promise<BackupRun | undefined> {
  const [good] = await db
    .select()
    .from(backupRun)
    .where(isNotNull(backupRun.file))
    .orderBy(desc(backupRun.at))
    .limit(1);
  return good;
}

/** Writes down how a night went, and forgets those before a moment. */
export async function addBackupRun(
  db: Database,
  run: typeof backupRun.$inferInsert,
  forgetBefore: Date,
): Promise<void> {
  await db.insert(backupRun).values(run);
  await db.delete(backupRun).where(lt(backupRun.at, forgetBefore));
}

/** Asks the worker for a backup by the queue's own function; asked twice it is still one. */
export async function askForBackup(tx: Writer): Promise<void> {
  await tx.execute(sql`select graphile_worker.add_job('back_up', job_key => 'back up now')`);
}
