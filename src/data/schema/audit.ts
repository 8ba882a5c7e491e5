import { bigint, index, integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { at, createdAt, id } from './columns';
import { shop } from './shop';

/** Who did what, when; one row for every move. */
export const audit = pgTable(
  'audit',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    actorId: text('actor_id'),
    action: text('action').notNull(),
    entity: text('entity').notNull(),
    entityId: text('entity_id').notNull(),
    details: jsonb('details').$type<Record<string, unknown>>().notNull().default({}),
    at: at('at').notNull().defaultNow(),
  },
  (table) => [index('audit_entity').on(table.entity, table.entityId, table.at)],
);

/**
 * Keys of writes, so that a write sent twice moves things once. The answer is blanked after a day; key and hash stay a
 * year, so that a late sender is told and the deed is not done again.
 */
export const idempotency = pgTable(
  'idempotency',
  {
    key: text('key').primaryKey(),
    useCase: text('use_case').notNull(),
    requestHash: text('request_hash').notNull(),
    status: integer('status').notNull(),
    answer: jsonb('answer').$type<unknown>(),
    createdAt: createdAt(),
  },
  (table) => [index('idempotency_age').on(table.createdAt)],
);

/** When a worker last did its rounds; `/health` tells of it. */
export const workerBeat = pgTable('worker_beat', {
  name: text('name').primaryKey(),
  at: at('at').notNull(),
});

/** Backups the worker made, or tried to make. */
export const backupRun = pgTable(
  'backup_run',
  {
    id: id(),
    at: at('at').notNull(),
    /** Name of the file in the folder of backups; null when none was made. */
    file: text('file'),
    bytes: bigint('bytes', { mode: 'number' }),
    /** What went wrong, in words; null when nothing did. */
    fault: text('fault'),
  },
  (table) => [index('backup_run_at').on(table.at)],
);
