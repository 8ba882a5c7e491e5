import { connect, sqlState } from '@data/db';
import { dropPracticeDatabase, makePracticeDatabase, practiceUrl } from '@data/practice-database';
import { loadDemo } from '@server/demo/load-demo';
import { isEmptyShop } from '@server/shop/first-owner';
import { signInOf } from '@server/sign-in';
import { migrate } from './migrate';

const MAY_NOT = '42501';

/**
 * `open`: makes the practice shop's database beside the real one, if it is not there, with an invented shop in it, and
 * prints what the database is called. `drop`: takes it away. Both as the owner of the schema (MIGRATE_URL). What went
 * wrong is the last line printed.
 */
async function main(what: string | undefined): Promise<void> {
  const {
    DATABASE_URL: url,
    MIGRATE_URL: ownerUrl,
    BACKUP_URL: backupUrl,
    AUTH_SECRET: secret,
  } = process.env;
  if (!url || !ownerUrl || !secret)
    throw new Error('Whoever started this shop did not say how a database is made: MIGRATE_URL is not set.');
  const { db: owner, close: closeOwner } = connect(ownerUrl, 1);
  try {
    if (what === 'drop') return await dropPracticeDatabase(owner, ownerUrl);
    await makePracticeDatabase(owner, ownerUrl);
  } finally {
    await closeOwner();
  }
  const at = practiceUrl(url);
  await migrate(practiceUrl(ownerUrl), at, backupUrl);
  const { db, close } = connect(at, 2);
  try {
    if (await isEmptyShop(db)) await loadDemo(db, signInOf(db, secret, 'http://127.0.0.1'), new Date());
  } finally {
    await close();
  }
  // Its name alone: an address has a password in it, and what is said here is written down.
  process.stdout.write(`${new URL(at).pathname.slice(1)}\n`);
}

try {
  await main(process.argv[2]);
} catch (error) {
  process.exitCode = 1;
  process.stderr.write(`${error instanceof Error ? (error.stack ?? error.message) : 'unknown'}\n`);
  process.stdout.write(
    sqlState(error) === MAY_NOT
      ? 'The owner of this database may not make another one; give its role CREATEDB.\n'
      : 'The database of the practice shop could not be made or dropped; the log of the practice shop says why.\n',
  );
}
