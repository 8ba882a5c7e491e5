import { ROLES } from '@core/shop';
import { bigint, boolean, integer, pgTable, text, uuid, varchar } from 'drizzle-orm/pg-core';
import { at, createdAt, id as uuidKey } from './columns';
import { shop } from './shop';

/** Tables of the sign-in library, with the shop and the role beside its own fields. */
export const user = pgTable('user', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  email: text('email').notNull().unique(),
  emailVerified: boolean('email_verified').notNull().default(false),
  image: text('image'),
  createdAt: createdAt(),
  updatedAt: at('updated_at').notNull().defaultNow(),
  role: text('role', { enum: ROLES }).notNull(),
  shopId: uuid('shop_id')
    .notNull()
    .references(() => shop.id),
  /** Since when nobody signs in with it; what the person did stays in the records. */
  endedAt: at('ended_at'),
  /** Learns the trade: their day begins in the practice room. */
  inTraining: boolean('in_training').notNull().default(false),
});

/** A link that lets somebody in once: to a new account, or to a new password. Its token is kept only as a hash. */
export const invitation = pgTable('invitation', {
  id: uuidKey(),
  shopId: uuid('shop_id')
    .notNull()
    .references(() => shop.id),
  kind: text('kind', { enum: ['invite', 'reset'] }).notNull(),
  name: text('name').notNull(),
  email: text('email').notNull(),
  role: text('role', { enum: ROLES }).notNull(),
  userId: text('user_id').references(() => user.id, { onDelete: 'cascade' }),
  tokenHash: text('token_hash').notNull().unique(),
  createdBy: text('created_by').references(() => user.id, { onDelete: 'set null' }),
  createdAt: createdAt(),
  expiresAt: at('expires_at').notNull(),
  usedAt: at('used_at'),
  revokedAt: at('revoked_at'),
});

export const session = pgTable('session', {
  id: text('id').primaryKey(),
  expiresAt: at('expires_at').notNull(),
  token: text('token').notNull().unique(),
  createdAt: createdAt(),
  updatedAt: at('updated_at').notNull(),
  ipAddress: text('ip_address'),
  userAgent: text('user_agent'),
  userId: text('user_id')
    .notNull()
    .references(() => user.id, { onDelete: 'cascade' }),
});

export const account = pgTable('account', {
  id: text('id').primaryKey(),
  accountId: text('account_id').notNull(),
  providerId: text('provider_id').notNull(),
  userId: text('user_id')
    .notNull()
    .references(() => user.id, { onDelete: 'cascade' }),
  accessToken: text('access_token'),
  refreshToken: text('refresh_token'),
  idToken: text('id_token'),
  accessTokenExpiresAt: at('access_token_expires_at'),
  refreshTokenExpiresAt: at('refresh_token_expires_at'),
  scope: text('scope'),
  password: text('password'),
  createdAt: createdAt(),
  updatedAt: at('updated_at').notNull(),
});

export const verification = pgTable('verification', {
  id: text('id').primaryKey(),
  identifier: text('identifier').notNull(),
  value: text('value').notNull(),
  expiresAt: at('expires_at').notNull(),
  createdAt: createdAt(),
  updatedAt: at('updated_at').notNull().defaultNow(),
});

/**
 * Points used up by a key within its window, shared by every server of the shop: tries at signing in by account and by
 * address, guesses at private links. Its columns are those the limiter library wants.
 */
export const rateLimit = pgTable('rate_limit', {
  key: varchar('key', { length: 255 }).primaryKey(),
  points: integer('points').notNull().default(0),
  /** Instant, ms since 1970; null: never. */
  expire: bigint('expire', { mode: 'number' }),
});
