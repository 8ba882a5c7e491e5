import { type Address, CONSENTS, CONSENT_WAYS } from '@core/client';
import type { Occasion } from '@core/occasion';
import { BODY_MEASURES } from '@core/figure';
import { PROPOSAL_ANSWERS } from '@core/learn';
import { PACES } from '@core/schedule';
import { ORIGINS, type Swatch } from '@core/piece';
import type { StoredAttributes } from '@contracts/piece';
import type { BriefAnswers } from '@contracts/own-brief';
import type { StoredProfile } from '@contracts/profile';
import {
  boolean,
  date,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  real,
  text,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import { sql } from 'drizzle-orm';
import { at, createdAt, id, version } from './columns';
import { shop } from './shop';
import { user } from './sign-in';

export const client = pgTable(
  'client',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    name: text('name').notNull(),
    /** Who she is, in a line the stylist reads first. */
    about: text('about').notNull().default(''),
    email: text('email'),
    phone: text('phone'),
    address: jsonb('address').$type<Address>(),
    sizes: jsonb('sizes').$type<Record<string, string>>().notNull().default({}),
    profile: jsonb('profile').$type<StoredProfile>().notNull(),
    boxBudgetMinor: integer('box_budget_minor'),
    pieceBudgetMinor: jsonb('piece_budget_minor').$type<Record<string, number>>().notNull().default({}),
    notes: text('notes').notNull().default(''),
    /** Set when the person was erased; what the shop must keep stays without a name. */
    erasedAt: at('erased_at'),
    version: version(),
    createdAt: createdAt(),
  },
  (table) => [index('client_shop').on(table.shopId, table.name)],
);

export const clientMeasure = pgTable(
  'client_measure',
  {
    clientId: uuid('client_id')
      .notNull()
      .references(() => client.id, { onDelete: 'cascade' }),
    name: text('name', { enum: BODY_MEASURES }).notNull(),
    mm: integer('mm').notNull(),
    origin: text('origin', { enum: ORIGINS }).notNull(),
    takenAt: at('taken_at').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.clientId, table.name] })],
);

/** What was said of a proposal that decisions made for a client's page. */
export const clientProposal = pgTable(
  'client_proposal',
  {
    clientId: uuid('client_id')
      .notNull()
      .references(() => client.id, { onDelete: 'cascade' }),
    /** What it is about: the same however much speaks for it. */
    key: text('key').notNull(),
    answer: text('answer', { enum: PROPOSAL_ANSWERS }).notNull(),
    /** Pieces that spoke for it then; with more of them a refused one is asked anew. */
    evidence: integer('evidence').notNull(),
    actorId: text('actor_id'),
    at: at('at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.clientId, table.key] })],
);

export const occasion = pgTable(
  'occasion',
  {
    id: id(),
    clientId: uuid('client_id')
      .notNull()
      .references(() => client.id, { onDelete: 'cascade' }),
    title: text('title').notNull(),
    day: date('day', { mode: 'string' }),
    formalityLo: real('formality_lo').notNull(),
    formalityHi: real('formality_hi').notNull(),
    details: jsonb('details').$type<Omit<Occasion, 'title' | 'date' | 'formality'>>().notNull(),
    version: version(),
    createdAt: createdAt(),
  },
  (table) => [index('occasion_client').on(table.clientId, table.day)],
);

/** Stages a look passes through by taking things off or on: ceremony, quay, supper. */
export const occasionStage = pgTable('occasion_stage', {
  id: id(),
  occasionId: uuid('occasion_id')
    .notNull()
    .references(() => occasion.id, { onDelete: 'cascade' }),
  position: integer('position').notNull(),
  title: text('title').notNull(),
  details: jsonb('details').$type<Partial<Occasion>>().notNull().default({}),
});

export const ownedItem = pgTable(
  'owned_item',
  {
    id: id(),
    clientId: uuid('client_id')
      .notNull()
      .references(() => client.id, { onDelete: 'cascade' }),
    title: text('title').notNull(),
    category: text('category').notNull(),
    formality: real('formality').notNull(),
    colours: jsonb('colours').$type<Swatch[]>().notNull(),
    attributes: jsonb('attributes').$type<StoredAttributes>().notNull(),
    /** Origin of each measure in `attributes.measures`. */
    origins: jsonb('origins').$type<Record<string, string>>().notNull().default({}),
    assumed: boolean('assumed').notNull().default(false),
    loved: boolean('loved').notNull().default(false),
    wornWeekly: boolean('worn_weekly').notNull().default(false),
    retiredAt: at('retired_at'),
    /** The box line it came from, when it was bought here. */
    boxLineId: uuid('box_line_id').unique(),
    version: version(),
    createdAt: createdAt(),
  },
  (table) => [index('owned_item_client').on(table.clientId, table.category)],
);

/** What a client agreed to, when and how; an agreement taken back keeps its row. */
export const consent = pgTable(
  'consent',
  {
    id: id(),
    clientId: uuid('client_id')
      .notNull()
      .references(() => client.id, { onDelete: 'cascade' }),
    about: text('about', { enum: CONSENTS }).notNull(),
    way: text('way', { enum: CONSENT_WAYS }).notNull(),
    givenOn: date('given_on', { mode: 'string' }).notNull(),
    withdrawnOn: date('withdrawn_on', { mode: 'string' }),
    actorId: text('actor_id'),
    createdAt: createdAt(),
  },
  (table) => [
    uniqueIndex('consent_standing')
      .on(table.clientId, table.about)
      .where(sql`withdrawn_on is null`),
  ],
);

/** How often a client has a box without asking for one. */
export const rhythm = pgTable('rhythm', {
  clientId: uuid('client_id')
    .primaryKey()
    .references(() => client.id, { onDelete: 'cascade' }),
  pace: text('pace', { enum: PACES }).notNull(),
  /** Every so many weeks or months; 1 for seasons. */
  every: integer('every').notNull(),
  /** The day the first box was to be with her; the others are counted from it. */
  firstDay: date('first_day', { mode: 'string' }).notNull(),
  /** The day she should have the next one. */
  nextDay: date('next_day', { mode: 'string' }).notNull(),
  stylistId: text('stylist_id')
    .notNull()
    .references(() => user.id),
  pausedAt: at('paused_at'),
  version: version(),
  createdAt: createdAt(),
});

/** A private link to the client's own brief. The token is only ever stored hashed. */
export const briefLink = pgTable(
  'brief_link',
  {
    id: id(),
    clientId: uuid('client_id')
      .notNull()
      .references(() => client.id, { onDelete: 'cascade' }),
    tokenHash: text('token_hash').notNull(),
    expiresAt: at('expires_at').notNull(),
    revokedAt: at('revoked_at'),
    /** What the client has written so far; checked again when it is sent. */
    draft: jsonb('draft').$type<BriefAnswers>().notNull().default({}),
    savedAt: at('saved_at'),
    sentAt: at('sent_at'),
    /** When a stylist went through the lines; the link is done then. */
    settledAt: at('settled_at'),
    createdAt: createdAt(),
  },
  (table) => [
    uniqueIndex('brief_link_token').on(table.tokenHash),
    index('brief_link_client').on(table.clientId, table.createdAt),
  ],
);
