import { integer, timestamp, uuid } from 'drizzle-orm/pg-core';

/** Columns that come back in every table, declared once. */
export const id = () => uuid('id').primaryKey().defaultRandom();
export const at = (name: string) => timestamp(name, { withTimezone: true, mode: 'date' });
export const createdAt = () => at('created_at').notNull().defaultNow();
/** Grows with every write; a writer that saw an older one is refused. */
export const version = () => integer('version').notNull().default(1);
