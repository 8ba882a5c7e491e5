import { fileURLToPath } from 'node:url';
import { connect, migrateDatabase } from '@data/db';
import { loadDemo } from '@server/demo/load-demo';
import { fillStockroom } from '@server/demo/scale';
import { DEMO_USERS } from '@server/demo/users';
import { isEmptyShop } from '@server/shop/first-owner';
import { signInOf } from '@server/sign-in';

/**
 * Brings the database up to date and, unless `--empty`, loads the demo scenario into an empty one. `--demo-scale N` then
 * fills the stockroom up to N garments.
 */
async function main(args: readonly string[]): Promise<void> {
  const url = process.env.DATABASE_URL;
  const secret = process.env.AUTH_SECRET;
  if (!url || !secret) throw new Error('DATABASE_URL and AUTH_SECRET are wanted');
  const { db, close } = connect(url, 4);
  try {
    await migrateDatabase(db, fileURLToPath(new URL('../data/migrations', import.meta.url)));
    if (!args.includes('--empty') && (await isEmptyShop(db))) {
      await loadDemo(db, signInOf(db, secret, 'http://127.0.0.1'), new Date());
      process.stderr.write('The demo scenario is loaded.\n');
    }
    const scale = Number(args[args.indexOf('--demo-scale') + 1]);
    if (args.includes('--demo-scale')) {
      const made = await fillStockroom(db, scale);
      if (made > 0) await db.execute('analyze');
      process.stderr.write(`${made} garments were made up; there are ${scale} now.\n`);
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

try {
  await main(process.argv.slice(2));
} catch (error) {
  const { code } = ((error as { cause?: unknown }).cause ?? error) as { code?: string };
  if (code !== 'ECONNREFUSED' && code !== 'ENOTFOUND' && code !== '28P01') throw error;
  process.stderr.write(
    `The database at DATABASE_URL does not answer (${code}). Is it running, and is the address right?\n`,
  );
  process.exitCode = 1;
}
