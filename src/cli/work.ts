import { run } from 'graphile-worker';
import { connect } from '@data/db';
import { CRONTAB, tasksOf } from '@server/jobs';

const BACKUPS_KEPT = 14;

/**
 * Does the jobs of DATABASE_URL until it is told to stop: what the crontab says, and a sweep at once, as nobody knows how
 * long the worker was away. Several may run on one database. Tables of the queue come with the migrations.
 */
async function main(): Promise<void> {
  const {
    DATABASE_URL: url,
    BACKUP_URL: backupUrl,
    BACKUP_FOLDER: backupFolder = 'var/backups',
  } = process.env;
  if (!url) throw new Error('DATABASE_URL is wanted');
  const { db, close } = connect(url, 2);
  const runner = await run({
    connectionString: url,
    concurrency: 1,
    maxPoolSize: 3,
    crontab: CRONTAB,
    taskList: tasksOf(
      db,
      () => new Date(),
      // Where BACKUP_URL is not set, somebody else backs the database up.
      backupUrl ? { url: backupUrl, folder: backupFolder, keep: BACKUPS_KEPT } : undefined,
    ),
  });
  await runner.addJob('sweep_holds', {}, { jobKey: 'sweep at start' });
  await runner.promise;
  await close();
}

await main();
