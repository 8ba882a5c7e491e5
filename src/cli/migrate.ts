import { fileURLToPath } from 'node:url';
import { grantAccess, roleOf } from '@data/access';
import { connect, migrateDatabase } from '@data/db';
import { runMigrations } from 'graphile-worker';

/** Tables of the shop and of the queue, then what each role may do with them. */
export async function migrate(
  ownerUrl: string,
  appUrl: string,
  backupUrl: string | undefined,
): Promise<void> {
  const { db, close } = connect(ownerUrl, 2);
  try {
    await migrateDatabase(db, fileURLToPath(new URL('../data/migrations', import.meta.url)));
    await runMigrations({ connectionString: ownerUrl, logger: undefined });
    await grantAccess(db, { app: roleOf(appUrl), backup: roleOf(backupUrl) });
  } finally {
    await close();
  }
}
