import { disagreements } from '@data/check';
import { connect } from '@data/db';

/**
 * Proves that stock, holds and money agree: prints a line for everything that does not, and exits 1 then; 2 when the
 * database does not answer.
 */
const url = process.env.BACKUP_URL ?? process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is wanted');
const { db, close } = connect(url, 2);
try {
  const found = await disagreements(db);
  for (const line of found) process.stdout.write(`${line}\n`);
  process.stdout.write(
    found.length === 0 ? 'Stock, holds and money agree.\n' : `${found.length} disagree.\n`,
  );
  process.exitCode = found.length === 0 ? 0 : 1;
} catch (error) {
  process.stderr.write(`The check could not be made: ${(error as Error).message}\n`);
  process.exitCode = 2;
} finally {
  await close();
}
