import type { Schools } from '@core/client';
import { type LetterVoice, USUAL_VOICE } from '@core/letter';
import { CARRIERS } from '@core/parcel';
import type { PullSettings } from '@core/pull';
import type { Settings } from '@core/rules';
import type { KeptColumns } from '@core/till';
import { PROMOTION_KINDS, ROUNDINGS } from '@core/money';
import { LOCATION_KINDS, PAPERS, TERMINALS } from '@core/shop';
import { ENGLISHES, LENGTH_UNITS } from '@core/words';
import { boolean, integer, jsonb, pgTable, text, uniqueIndex, uuid } from 'drizzle-orm/pg-core';
import { createdAt, id, version } from './columns';

export const shop = pgTable('shop', {
  id: id(),
  name: text('name').notNull(),
  town: text('town').notNull(),
  currency: text('currency').notNull(),
  zone: text('zone').notNull(),
  taxIncluded: boolean('tax_included').notNull().default(true),
  taxBp: integer('tax_bp').notNull(),
  rounding: text('rounding', { enum: ROUNDINGS }).notNull().default('half-up'),
  styleFeeMinor: integer('style_fee_minor').notNull(),
  keepAllBp: integer('keep_all_bp').notNull(),
  holdDays: integer('hold_days').notNull().default(3),
  exchangeDays: integer('exchange_days').notNull().default(5),
  tryOnDays: integer('try_on_days').notNull().default(5),
  transitDays: integer('transit_days').notNull().default(2),
  packDays: integer('pack_days').notNull().default(1),
  styleDays: integer('style_days').notNull().default(2),
  closedWeekdays: jsonb('closed_weekdays').$type<number[]>().notNull().default([0]),
  holidays: jsonb('holidays').$type<string[]>().notNull().default([]),
  schools: jsonb('schools').$type<Schools>().notNull(),
  ruleSettings: jsonb('rule_settings').$type<Settings>().notNull().default({}),
  /** How candidates are ranked; what is absent is as core/pull has it. */
  pullSettings: jsonb('pull_settings').$type<PullSettings>().notNull().default({}),
  /** What the columns of its tills' files were settled to be; the one settled last stands last. */
  tillColumns: jsonb('till_columns').$type<readonly KeptColumns[]>().notNull().default([]),
  /** An altered piece may come back. */
  alteredMayReturn: boolean('altered_may_return').notNull().default(false),
  /** Which English the screens, the letter and files speak, and how lengths are shown. */
  english: text('english', { enum: ENGLISHES }).notNull().default('british'),
  units: text('units', { enum: LENGTH_UNITS }).notNull().default('cm'),
  /** In the shop's own words. */
  returnPolicy: text('return_policy').notNull().default(''),
  /** How its letters are drafted, what it says in its own words, and who signs. */
  letterVoice: jsonb('letter_voice').$type<LetterVoice>().notNull().default(USUAL_VOICE),
  /** What it prints on. */
  paper: text('paper', { enum: PAPERS }).notNull().default('a4'),
  /** The card terminal: none, or one that is only played. */
  terminal: text('terminal', { enum: TERMINALS }).notNull().default('none'),
  /** The carrier of its parcels: none, so that a number is typed; or one that is only played. */
  carrier: text('carrier', { enum: CARRIERS }).notNull().default('none'),
  /** Where parcels come back to, a line each. */
  address: text('address').notNull().default(''),
  /** Days after a box was settled within which a kept piece may come back; null: whenever it does. */
  lateReturnDays: integer('late_return_days'),
  /** The keep-all rate is given after the day to send back as well. */
  lateKeepAll: boolean('late_keep_all').notNull().default(true),
  /** What is usually withheld of a damaged piece, basis points of what it came to. */
  damageShareBp: integer('damage_share_bp').notNull().default(0),
  /** The styling fee goes back where nothing of a box reached its client. */
  lostFeeBack: boolean('lost_fee_back').notNull().default(true),
  /** Days after the day to send back from which what nobody answered is kept; null: silence is no answer. */
  silentKeepDays: integer('silent_keep_days'),
  /** How long what is personal is kept after a client's last box, months; null: as long as she is a client. */
  keepMeasuresMonths: integer('keep_measures_months'),
  keepPhotosMonths: integer('keep_photos_months'),
  keepBoxesMonths: integer('keep_boxes_months'),
  /** Days before the day to decide on which a client is reminded; null: nobody is written by itself. */
  remindDays: integer('remind_days'),
  version: version(),
  createdAt: createdAt(),
});

export const location = pgTable(
  'location',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    title: text('title').notNull(),
    kind: text('kind', { enum: LOCATION_KINDS }).notNull(),
  },
  (table) => [uniqueIndex('location_title').on(table.shopId, table.title)],
);

export const promotion = pgTable('promotion', {
  id: id(),
  shopId: uuid('shop_id')
    .notNull()
    .references(() => shop.id),
  code: text('code').notNull(),
  kind: text('kind', { enum: PROMOTION_KINDS }).notNull(),
  value: integer('value').notNull(),
  fromDay: text('from_day').notNull(),
  toDay: text('to_day').notNull(),
  scope: jsonb('scope').$type<{ categories?: string[] }>().notNull().default({}),
});
