import { BACK_TO, BOX_STATES, DECIDERS, DECISIONS } from '@core/box';
import type { Ask } from '@core/reading';
import type { GuardCode } from '@core/guard';
import type { LetterDraft } from '@core/letter';
import type { Enclosure } from '@core/parcel';
import { ALTERATION_JOBS, type Fit, type FitPoint } from '@core/fit';
import type { Overrule, StageOff } from '@core/look';
import { type BoxTotal, CARD_STATES, type MoneyTerms, PAY_WAYS, VOUCHER_CAUSES } from '@core/money';
import { sql } from 'drizzle-orm';
import {
  type AnyPgColumn,
  boolean,
  check,
  date,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import { client, occasion } from './client';
import { at, createdAt, id, version } from './columns';
import { location, shop } from './shop';
import { user } from './sign-in';
import { variant } from './stock';

/** Terms of money frozen when the box goes out. */
export interface FrozenTerms extends MoneyTerms {
  /** From this day on what nobody answered is kept; absent: silence is no answer. */
  readonly silentKeepFrom?: string | undefined;
}

export const box = pgTable(
  'box',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    clientId: uuid('client_id')
      .notNull()
      .references(() => client.id),
    number: integer('number').notNull(),
    state: text('state', { enum: BOX_STATES }).notNull().default('brief'),
    /** Whose box it is. */
    stylistId: text('stylist_id')
      .notNull()
      .references(() => user.id),
    /** The day its client should have it, when it is one of a rhythm: no occasion need say so. */
    wantedBy: date('wanted_by', { mode: 'string' }),
    /** When its client comes to the shop for it, instead of a parcel. */
    appointmentAt: at('appointment_at'),
    budgetMinor: integer('budget_minor'),
    mood: jsonb('mood').$type<string[]>().notNull().default([]),
    notToSend: text('not_to_send').notNull().default(''),
    letter: jsonb('letter').$type<LetterDraft>(),
    terms: jsonb('terms').$type<FrozenTerms>(),
    total: jsonb('total').$type<BoxTotal>(),
    outAt: at('out_at'),
    decideBy: date('decide_by', { mode: 'string' }),
    returnBy: date('return_by', { mode: 'string' }),
    /** When its client was reminded of the day to decide, and when she was written once it had gone by. */
    remindedAt: at('reminded_at'),
    chasedAt: at('chased_at'),
    closedAt: at('closed_at'),
    notesNext: text('notes_next').notNull().default(''),
    version: version(),
    createdAt: createdAt(),
  },
  (table) => [
    uniqueIndex('box_number').on(table.shopId, table.number),
    index('box_client').on(table.clientId, table.createdAt),
    index('box_state').on(table.shopId, table.state),
    // A rhythm opens one box for one day, whatever the worker thinks.
    uniqueIndex('box_of_rhythm').on(table.clientId, table.wantedBy),
  ],
);

/** A box given from one stylist to another, with what the next one should know. */
export const boxHandover = pgTable(
  'box_handover',
  {
    id: id(),
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id, { onDelete: 'cascade' }),
    fromId: text('from_id')
      .notNull()
      .references(() => user.id),
    toId: text('to_id')
      .notNull()
      .references(() => user.id),
    note: text('note').notNull().default(''),
    actorId: text('actor_id'),
    at: at('at').notNull().defaultNow(),
  },
  (table) => [index('box_handover_box').on(table.boxId, table.at)],
);

export const boxOccasion = pgTable(
  'box_occasion',
  {
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id, { onDelete: 'cascade' }),
    occasionId: uuid('occasion_id')
      .notNull()
      .references(() => occasion.id),
  },
  (table) => [primaryKey({ columns: [table.boxId, table.occasionId] })],
);

export const boxAsk = pgTable('box_ask', {
  id: id(),
  boxId: uuid('box_id')
    .notNull()
    .references(() => box.id, { onDelete: 'cascade' }),
  position: integer('position').notNull(),
  ask: jsonb('ask').$type<Ask>().notNull(),
});

/** A private link to the page on which a client reads her box's letter and says what stays. Only the hash of its token is kept. */
export const boxLink = pgTable(
  'box_link',
  {
    id: id(),
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id, { onDelete: 'cascade' }),
    tokenHash: text('token_hash').notNull(),
    expiresAt: at('expires_at').notNull(),
    revokedAt: at('revoked_at'),
    openedAt: at('opened_at'),
    /** When she said that this is all. */
    answeredAt: at('answered_at'),
    createdAt: createdAt(),
  },
  (table) => [
    uniqueIndex('box_link_token').on(table.tokenHash),
    index('box_link_box').on(table.boxId, table.createdAt),
  ],
);

/** Receipts of a shop, numbered without a gap in the order in which its boxes were closed. */
export const receipt = pgTable(
  'receipt',
  {
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    no: integer('no').notNull(),
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id),
    amountMinor: integer('amount_minor').notNull(),
    at: at('at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.shopId, table.no] }),
    uniqueIndex('receipt_box').on(table.boxId),
    check('receipt_no', sql`${table.no} > 0`),
  ],
);

/** What of a box went out together: the first when the box does, one more with what was exchanged. */
export const parcel = pgTable(
  'parcel',
  {
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id, { onDelete: 'cascade' }),
    no: integer('no').notNull(),
    /** The carrier's number; null for what was handed over in the shop. */
    tracking: text('tracking'),
    sentAt: at('sent_at').notNull(),
    actorId: text('actor_id'),
  },
  (table) => [primaryKey({ columns: [table.boxId, table.no] }), check('parcel_no', sql`${table.no} > 0`)],
);

/**
 * What a client was given back for a kept piece that came back after its box was closed: one a line, numbered without a
 * gap in a series of their own. Append-only: the box and its receipt stay as they were.
 */
export const creditNote = pgTable(
  'credit_note',
  {
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    no: integer('no').notNull(),
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id),
    boxLineId: uuid('box_line_id').notNull(),
    /** Given back, tax included, and how much of it is tax. */
    amountMinor: integer('amount_minor').notNull(),
    taxMinor: integer('tax_minor').notNull(),
    /** Of what the line came to, what stays with the shop for damage. */
    withheldMinor: integer('withheld_minor').notNull(),
    /** Where the piece went. */
    backTo: text('back_to', { enum: BACK_TO }).notNull(),
    actorId: text('actor_id'),
    at: at('at').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.shopId, table.no] }),
    uniqueIndex('credit_note_line').on(table.boxLineId),
    index('credit_note_box').on(table.boxId),
    check('credit_note_no', sql`${table.no} > 0`),
    check(
      'credit_note_amounts',
      sql`${table.amountMinor} >= 0 and ${table.withheldMinor} >= 0 and ${table.taxMinor} >= 0`,
    ),
  ],
);

/** One variant in a box. */
export const boxLine = pgTable(
  'box_line',
  {
    id: id(),
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id, { onDelete: 'cascade' }),
    variantId: uuid('variant_id')
      .notNull()
      .references(() => variant.id),
    locationId: uuid('location_id')
      .notNull()
      .references(() => location.id),
    askId: uuid('ask_id').references(() => boxAsk.id, { onDelete: 'set null' }),
    position: integer('position').notNull(),
    /** As it was found when the piece was held; null where nobody looked. */
    fit: jsonb('fit').$type<Fit>(),
    /** Price and tax rate as they were when the box went out; null before. */
    priceMinor: integer('price_minor'),
    taxBp: integer('tax_bp'),
    decision: text('decision', { enum: DECISIONS }).notNull().default('undecided'),
    reason: text('reason'),
    /** Whose word the decision is: the shop's, or the client's by her page. */
    decidedBy: text('decided_by', { enum: DECIDERS }),
    /** Where it was too small or too big, when the client said so. */
    fitPoint: text('fit_point').$type<FitPoint>(),
    note: text('note').notNull().default(''),
    /** The one braver choice of the box. */
    nudge: boolean('nudge').notNull().default(false),
    /** The line it was sent in the place of, after the client asked for another size or colour. */
    exchangeOf: uuid('exchange_of').references((): AnyPgColumn => boxLine.id),
    /** The parcel it went out with; null before. */
    parcelNo: integer('parcel_no'),
    /** Small things that were laid in for it. */
    laidIn: jsonb('laid_in').$type<Enclosure[]>().notNull().default([]),
    /** Scanned into the parcel. */
    scannedAt: at('scanned_at'),
    checkedInAt: at('checked_in_at'),
    /** Given up: it never arrived, never came back, or was never heard of again. */
    lostAt: at('lost_at'),
    /** Kept, and back all the same after the box was closed. */
    cameBackAt: at('came_back_at'),
    netMinor: integer('net_minor'),
    taxMinor: integer('tax_minor'),
    removedAt: at('removed_at'),
    createdAt: createdAt(),
  },
  (table) => [
    index('box_line_box').on(table.boxId),
    uniqueIndex('box_line_one_nudge')
      .on(table.boxId)
      .where(sql`nudge and removed_at is null`),
    uniqueIndex('box_line_one_exchange')
      .on(table.exchangeOf)
      .where(sql`removed_at is null`),
  ],
);

export const hold = pgTable(
  'hold',
  {
    id: id(),
    boxLineId: uuid('box_line_id')
      .notNull()
      .references(() => boxLine.id, { onDelete: 'cascade' }),
    variantId: uuid('variant_id')
      .notNull()
      .references(() => variant.id),
    locationId: uuid('location_id')
      .notNull()
      .references(() => location.id),
    state: text('state', { enum: ['active', 'released', 'expired', 'shipped'] })
      .notNull()
      .default('active'),
    actorId: text('actor_id'),
    /** Null: packed, and on no clock. */
    expiresAt: at('expires_at'),
    createdAt: createdAt(),
  },
  (table) => [
    uniqueIndex('hold_one_active')
      .on(table.boxLineId)
      .where(sql`${table.state} = 'active'`),
    index('hold_active').on(table.state, table.expiresAt),
    index('hold_variant').on(table.variantId, table.state),
  ],
);

/**
 * Limits of a client that a stylist let a line pass by name, and questions about its content that were answered. The
 * reason stands here and nowhere else: erasing a client empties it, while the audit keeps who, when and the code.
 */
export const limitPass = pgTable(
  'limit_pass',
  {
    id: id(),
    boxLineId: uuid('box_line_id')
      .notNull()
      .references(() => boxLine.id, { onDelete: 'cascade' }),
    code: text('code').$type<GuardCode>().notNull(),
    /** What exactly was asked: another limit, or another content, is asked anew. */
    about: text('about').notNull(),
    reason: text('reason').notNull(),
    actorId: text('actor_id'),
    at: at('at').notNull().defaultNow(),
  },
  (table) => [uniqueIndex('limit_pass_once').on(table.boxLineId, table.code, table.about)],
);

export const alteration = pgTable('alteration', {
  id: id(),
  boxLineId: uuid('box_line_id')
    .notNull()
    .references(() => boxLine.id, { onDelete: 'cascade' }),
  job: text('job', { enum: ALTERATION_JOBS }).notNull(),
  /** By how much, mm. */
  mm: integer('mm').notNull(),
  priceMinor: integer('price_minor').notNull(),
  leadDays: integer('lead_days').notNull(),
  mayReturn: boolean('may_return').notNull().default(false),
  createdAt: createdAt(),
});

export const look = pgTable(
  'look',
  {
    id: id(),
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id, { onDelete: 'cascade' }),
    occasionId: uuid('occasion_id').references(() => occasion.id),
    position: integer('position').notNull(),
    title: text('title').notNull().default(''),
    /** `line:<id>` or `owned:<id>`, and the way of wearing. */
    pieces: jsonb('pieces').$type<{ ref: string; mode?: string | undefined }[]>().notNull(),
    overrules: jsonb('overrules').$type<Overrule[]>().notNull().default([]),
    /** What comes off where, when the occasion has stages. */
    stages: jsonb('stages').$type<StageOff[]>().notNull().default([]),
    /** Of the stylist, for colleagues: no client reads it. */
    note: text('note').notNull().default(''),
    /** Rules that spoke of the look when it was saved, each once. */
    spoke: jsonb('spoke').$type<string[]>().notNull().default([]),
    /** Of these, the ones with a word against it, whether or not it was set aside; null: saved before that was noted. */
    against: jsonb('against').$type<string[]>(),
    version: version(),
    createdAt: createdAt(),
  },
  (table) => [index('look_box').on(table.boxId, table.position)],
);

/** Money that really moved: the fee, the charge at the tally, refunds later. Append-only. */
/** A voucher of the shop; its balance is the sum of its movements. */
export const voucher = pgTable(
  'voucher',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    code: text('code').notNull(),
    /** For whom or what it was, in the shop's words. */
    note: text('note').notNull().default(''),
    createdAt: createdAt(),
  },
  (table) => [uniqueIndex('voucher_code').on(table.shopId, table.code)],
);

/** What a voucher was issued for, what it paid, what went back to it. Append-only. */
export const voucherMovement = pgTable(
  'voucher_movement',
  {
    id: id(),
    voucherId: uuid('voucher_id')
      .notNull()
      .references(() => voucher.id),
    cause: text('cause', { enum: VOUCHER_CAUSES }).notNull(),
    /** Below nothing for what it paid. */
    amountMinor: integer('amount_minor').notNull(),
    boxId: uuid('box_id').references(() => box.id),
    actorId: text('actor_id'),
    at: at('at').notNull(),
  },
  (table) => [
    index('voucher_movement_voucher').on(table.voucherId, table.at),
    check('voucher_movement_sign', sql`(${table.cause} = 'spend') = (${table.amountMinor} < 0)`),
  ],
);

/** A sum the card terminal was asked for, and what became of it. */
export const cardSum = pgTable(
  'card_sum',
  {
    id: id(),
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id),
    amountMinor: integer('amount_minor').notNull(),
    /** The voucher that pays the rest. */
    voucherId: uuid('voucher_id').references(() => voucher.id),
    state: text('state', { enum: CARD_STATES }).notNull().default('asked'),
    actorId: text('actor_id'),
    at: at('at').notNull(),
  },
  (table) => [
    // One at a time: two cards are never charged for one box.
    uniqueIndex('card_sum_open')
      .on(table.boxId)
      .where(sql`${table.state} in ('asked', 'approved')`),
    check('card_sum_amount', sql`${table.amountMinor} > 0`),
  ],
);

export const payment = pgTable(
  'payment',
  {
    id: id(),
    boxId: uuid('box_id')
      .notNull()
      .references(() => box.id),
    kind: text('kind', { enum: ['fee', 'charge', 'refund'] }).notNull(),
    /** Null: taken before anybody was asked. */
    way: text('way', { enum: PAY_WAYS }),
    /** The voucher that paid, or that the money went back to. */
    voucherId: uuid('voucher_id').references(() => voucher.id),
    /** What the terminal was asked for, and approved. */
    cardId: uuid('card_id').references(() => cardSum.id),
    amountMinor: integer('amount_minor').notNull(),
    at: at('at').notNull().defaultNow(),
    actorId: text('actor_id'),
  },
  // The styling fee and the charge of a tally are taken once, whatever the code thinks; a voucher may pay a part of it.
  (table) => [
    uniqueIndex('payment_once')
      .on(table.boxId, table.kind, sql`coalesce(${table.voucherId}, ${table.boxId})`)
      .where(sql`${table.kind} <> 'refund'`),
  ],
);
