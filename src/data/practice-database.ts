import { sql } from 'drizzle-orm';
import type { Database } from './db';

/** The practice shop's database stands beside the real one and is called after it. */
const nameBeside = (url: string): string => `${new URL(url).pathname.slice(1) || 'postgres'}_practice`;

/** The address of the practice shop's database, for whoever reaches the real one by `url`. */
export const practiceUrl = (url: string): string =>
  Object.assign(new URL(url), { pathname: `/${nameBeside(url)}` }).toString();

/** Makes it empty, unless it is there. As a role that may make databases. */
export async function makePracticeDatabase(owner: Database, url: string): Promise<void> {
  const name = nameBeside(url);
  const there = await owner.execute(sql`select 1 from pg_database where datname = ${name}`);
  if (there.rows.length === 0)
    await owner.execute(sql`create database ${sql.identifier(name)} template template0`);
}

/** Takes it away with all that is in it, whoever is still connected. */
export const dropPracticeDatabase = async (owner: Database, url: string): Promise<void> => {
  await owner.execute(sql`drop database if exists ${sql.identifier(nameBeside(url))} with (force)`);
};
