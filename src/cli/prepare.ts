import { connect, isUnreachable } from '@data/db';
import { loadDemo } from '@server/demo/load-demo';
import { loadPast } from '@data/demo/past';
import { fillStockroom } from '@data/demo/scale';
import { DEMO_USERS } from '@server/demo/users';
import { isEmptyShop } from '@server/shop/first-owner';
import { signInOf } from '@server/sign-in';
import { migrate } from './migrate';

/**
 * Brings the database up to date as the owner of its schema (MIGRATE_URL, or DATABASE_URL where there is one role only)
 * and, unless `--empty`, loads the demo scenario into an empty one. `--demo-scale N` then fills the stockroom up to N
 * garments.
 */
async function main(args: readonly string[]): Promise<void> {
  const {
    DATABASE_URL: url,
    MIGRATE_URL: ownerUrl = url,
    BACKUP_URL: backupUrl,
    AUTH_SECRET: secret,
  } = process.env;
  if (!url || !ownerUrl || !secret) throw new Error('DATABASE_URL and AUTH_SECRET are wanted');
  await migrate(ownerUrl, url, backupUrl);
  const { db, close } = connect(url, 4);
  try {
    if (!args.includes('--empty') && (await isEmptyShop(db))) {
      const now = new Date();
      await loadDemo(db, signInOf(db, secret, 'http://127.0.0.1'), now);
      await loadPast(db, now);
      process.stderr.write('The demo scenario is loaded.\n');
    }
    const scale = Number(args[args.indexOf('--demo-scale') + 1]);
    if (args.includes('--demo-scale')) {
      const made = await fillStockroom(db, scale);
      process.stderr.write(`${made} garments were made up; there are ${scale} now.\n`);
      if (made > 0) await analysed(ownerUrl);
    }
    // What the start command shows once the server answers.
    if (!args.includes('--empty')) {
      for (const { role, email, password } of DEMO_USERS)
        process.stdout.write(`  ${role.padEnd(8)} ${email}  ${password}\n`);
    }
  } finally {
    await close();
  }
}

async function analysed(ownerUrl: string): Promise<void> {
  const { db, close } = connect(ownerUrl, 1);
  await db.execute('analyze');
  await close();
}

try {
  await main(process.argv.slice(2));
} catch (error) {
  if (
    !isUnreachable(error) &&
    !/password authentication failed/.test(String((error as Error).cause ?? error))
  )
    throw error;
  process.stderr.write(
    'The database at DATABASE_URL does not answer. Is it running, and is the address right?\n',
  );
  process.exitCode = 1;
}
