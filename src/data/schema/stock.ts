import { CAUSES, PLACES } from '@core/stock';
import type { MeasureName, Origin, Swatch } from '@core/piece';
import type { StoredAttributes } from '@contracts/piece';
import { sql } from 'drizzle-orm';
import {
  bigint,
  boolean,
  check,
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
import { at, createdAt, id, version } from './columns';
import { location, shop } from './shop';

/** A style the shop stocks, in one colourway. Colourways of a style share `styleId`. */
export const garment = pgTable(
  'garment',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    styleId: text('style_id').notNull(),
    setId: text('set_id'),
    label: text('label').notNull().default(''),
    title: text('title').notNull(),
    category: text('category').notNull(),
    formality: real('formality').notNull(),
    priceMinor: integer('price_minor').notNull(),
    /** What the shop paid; null when it is not said. */
    costMinor: integer('cost_minor'),
    taxBp: integer('tax_bp'),
    colours: jsonb('colours').$type<Swatch[]>().notNull(),
    /** First colour in CIELAB, for finding by colour. */
    mainL: real('main_l').notNull(),
    mainA: real('main_a').notNull(),
    mainB: real('main_b').notNull(),
    attributes: jsonb('attributes').$type<StoredAttributes>().notNull(),
    archivedAt: at('archived_at'),
    version: version(),
    createdAt: createdAt(),
  },
  (table) => [
    index('garment_shop_category').on(table.shopId, table.category, table.title),
    index('garment_style').on(table.shopId, table.styleId),
    // Narrow enough to go through for a colour without the rows themselves.
    index('garment_colour')
      .on(table.shopId, table.mainL, table.mainA, table.mainB, table.id)
      .where(sql`${table.archivedAt} is null`),
    // What somebody types is looked for in the words alone.
    index('garment_words')
      .on(table.shopId, table.title, table.label, table.id)
      .where(sql`${table.archivedAt} is null`),
    index('garment_newest')
      .on(table.shopId, table.createdAt.desc(), table.id)
      .where(sql`${table.archivedAt} is null`),
    check('garment_price', sql`${table.priceMinor} >= 0`),
  ],
);

export type StoredMeasures = {
  readonly [name in MeasureName]?: { readonly mm: number; readonly origin: Origin };
};

/** A garment in one size, and length where it has one. */
export const variant = pgTable(
  'variant',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    garmentId: uuid('garment_id')
      .notNull()
      .references(() => garment.id),
    size: text('size').notNull(),
    length: text('length').notNull().default(''),
    position: integer('position').notNull().default(0),
    sku: text('sku').notNull(),
    ean: text('ean'),
    measures: jsonb('measures').$type<StoredMeasures>().notNull().default({}),
  },
  (table) => [
    uniqueIndex('variant_sku').on(table.shopId, table.sku),
    uniqueIndex('variant_ean').on(table.shopId, table.ean),
    // What a code begins with, in whichever case somebody typed it.
    index('variant_sku_begins').on(table.shopId, sql`upper(${table.sku}) text_pattern_ops`),
    uniqueIndex('variant_size').on(table.garmentId, table.size, table.length),
  ],
);

/** Append-only: every unit that ever moved, from where to where, why and by whom. */
export const stockMovement = pgTable(
  'stock_movement',
  {
    id: id(),
    /** In the order of booking: movements of one transaction share their instant. */
    no: bigint('no', { mode: 'number' }).notNull().generatedAlwaysAsIdentity(),
    variantId: uuid('variant_id')
      .notNull()
      .references(() => variant.id),
    locationId: uuid('location_id')
      .notNull()
      .references(() => location.id),
    qty: integer('qty').notNull(),
    fromPlace: text('from_place', { enum: PLACES }).notNull(),
    toPlace: text('to_place', { enum: PLACES }).notNull(),
    cause: text('cause', { enum: CAUSES }).notNull(),
    boxLineId: uuid('box_line_id'),
    /** In the words of whoever booked it by hand. */
    reason: text('reason'),
    actorId: text('actor_id'),
    at: at('at').notNull().defaultNow(),
  },
  (table) => [
    index('stock_movement_variant').on(table.variantId, table.no),
    check('stock_movement_qty', sql`${table.qty} > 0`),
    check('stock_movement_moves', sql`${table.fromPlace} <> ${table.toPlace}`),
  ],
);

/** Sum of the movements, kept in the same transaction. No place but the supplier goes below zero. */
export const stockBalance = pgTable(
  'stock_balance',
  {
    variantId: uuid('variant_id')
      .notNull()
      .references(() => variant.id),
    locationId: uuid('location_id')
      .notNull()
      .references(() => location.id),
    place: text('place', { enum: PLACES }).notNull(),
    qty: integer('qty').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.variantId, table.locationId, table.place] }),
    index('stock_balance_on_shelf')
      .on(table.variantId, table.qty)
      .where(sql`${table.place} = 'shelf' and ${table.qty} > 0`),
    check('stock_balance_not_negative', sql`${table.place} = 'supplier' or ${table.qty} >= 0`),
  ],
);

/** A write-off that a packer asks for; an owner books it or leaves it. */
export const stockProposal = pgTable(
  'stock_proposal',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    variantId: uuid('variant_id')
      .notNull()
      .references(() => variant.id),
    locationId: uuid('location_id')
      .notNull()
      .references(() => location.id),
    cause: text('cause', { enum: CAUSES }).notNull(),
    qty: integer('qty').notNull(),
    reason: text('reason').notNull(),
    actorId: text('actor_id').notNull(),
    createdAt: createdAt(),
    settledAt: at('settled_at'),
    settledBy: text('settled_by'),
    accepted: boolean('accepted'),
  },
  (table) => [
    index('stock_proposal_open')
      .on(table.shopId, table.createdAt)
      .where(sql`${table.settledAt} is null`),
    check('stock_proposal_qty', sql`${table.qty} > 0`),
  ],
);
