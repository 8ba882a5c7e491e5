import { fileURLToPath } from 'node:url';
import { connect, migrateDatabase } from '@data/db';
import { loadDemo } from '@server/demo/load-demo';
import { isEmptyShop } from '@server/shop/first-owner';
import { signInOf } from '@server/sign-in';

/** Brings the database up to date and, unless `--empty`, loads the demo scenario into an empty one. */
async function main(args: readonly string[]): Promise<void> {
  const url = process.env.DATABASE_URL;
  const secret = process.env.AUTH_SECRET;
  if (!url || !secret) throw new Error('DATABASE_URL and AUTH_SECRET are wanted');
  const { db, close } = connect(url, 4);
  try {
    await migrateDatabase(db, fileURLToPath(new URL('../data/migrations', import.meta.url)));
    if (!args.includes('--empty') && (await isEmptyShop(db))) {
      await loadDemo(db, signInOf(db, secret, 'http://127.0.0.1'), new Date());
      process.stdout.write('The demo scenario is loaded.\n');
    }
  } finally {
    await close();
  }
}

await main(process.argv.slice(2));
