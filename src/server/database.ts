import { sql } from 'drizzle-orm';
import { connect, type Connection } from '@data/db';

let open: Connection | undefined;

/** The one pool of this server process, on DATABASE_URL. */
export function database(): Connection['db'] {
  if (!open) {
    const url = process.env.DATABASE_URL;
    if (!url) throw new Error('DATABASE_URL is not set: start with bin/start.');
    open = connect(url);
  }
  return open.db;
}

/** True when the database answers. */
export async function isReady(): Promise<boolean> {
  try {
    await database().execute(sql`select 1`);
    return true;
  } catch {
    return false;
  }
}
