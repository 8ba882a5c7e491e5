import { ENCLOSURES } from '@core/parcel';
import { briefAnswersSchema } from '@contracts/own-brief';
import { saveLookCall } from '@contracts/look/save-look';
import { letterSchema, letterVoiceSchema } from '@contracts/letter/letter';
import { occasionSchema, stageSchema } from '@contracts/occasion';
import { coloursSchema, storedAttributesSchema } from '@contracts/piece';
import { askSchema } from '@contracts/box/ask';
import { schoolsSchema, storedProfileSchema } from '@contracts/profile';
import { ruleSettingsSchema } from '@contracts/rule-settings';
import { savePullSettingsCall } from '@contracts/shop/save-pull-settings';
import { keptColumnsSchema } from '@contracts/stock/till-columns';
import { PROMOTION_KINDS, ROUNDINGS } from '@core/money';
import { CATEGORIES, MEASURES, ORIGINS } from '@core/piece';
import * as schema from '../schema';
import { eq, inArray, type SQL } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import { QueryBuilder } from 'drizzle-orm/pg-core';
import { z } from 'zod';

/** A table as the archive holds it. */
export interface ArchivedTable {
  readonly name: string;
  readonly table: PgTable;
  /** Its rows of one shop. */
  readonly of: (shopId: string) => SQL | undefined;
  /** Rows are written and read back in this order. */
  readonly order: readonly PgColumn[];
  /** Columns that are not in it: secrets, what is kept as a file of its own, what the database counts by itself. */
  readonly without?: readonly string[];
  /** What a JSON column may hold; every JSON column of the table is here. */
  readonly json?: Readonly<Record<string, z.ZodType>>;
}

const query = new QueryBuilder();
const {
  alteration,
  audit,
  box,
  boxAsk,
  boxHandover,
  boxLine,
  boxOccasion,
  briefLink,
  cardSum,
  client,
  clientMeasure,
  clientProposal,
  consent,
  creditNote,
  garment,
  hold,
  limitPass,
  location,
  look,
  occasion,
  occasionStage,
  ownedItem,
  parcel,
  payment,
  receipt,
  photo,
  promotion,
  rhythm,
  shop,
  stockBalance,
  stockMovement,
  stockProposal,
  user,
  variant,
  voucher,
  voucherMovement,
} = schema;

const clientsOf = (shopId: string) =>
  query.select({ id: client.id }).from(client).where(eq(client.shopId, shopId));
const vouchersOf = (shopId: string) =>
  query.select({ id: voucher.id }).from(voucher).where(eq(voucher.shopId, shopId));
const boxesOf = (shopId: string) => query.select({ id: box.id }).from(box).where(eq(box.shopId, shopId));
const linesOf = (shopId: string) =>
  query
    .select({ id: boxLine.id })
    .from(boxLine)
    .where(inArray(boxLine.boxId, boxesOf(shopId)));
const sizesOf = (shopId: string) =>
  query.select({ id: variant.id }).from(variant).where(eq(variant.shopId, shopId));
const occasionsOf = (shopId: string) =>
  query
    .select({ id: occasion.id })
    .from(occasion)
    .where(inArray(occasion.clientId, clientsOf(shopId)));

const byShop = (column: PgColumn) => (shopId: string) => eq(column, shopId);
const ofClients = (column: PgColumn) => (shopId: string) => inArray(column, clientsOf(shopId));
const ofBoxes = (column: PgColumn) => (shopId: string) => inArray(column, boxesOf(shopId));
const ofLines = (column: PgColumn) => (shopId: string) => inArray(column, linesOf(shopId));
const ofSizes = (column: PgColumn) => (shopId: string) => inArray(column, sizesOf(shopId));

const minor = z.number().int();
const promotionSchema = z.strictObject({
  code: z.string(),
  kind: z.enum(PROMOTION_KINDS),
  value: z.number(),
  scope: z.array(z.string()).optional(),
});
const termsSchema = z.strictObject({
  promotions: z.array(promotionSchema),
  keepAllBp: minor,
  keepAllUntil: z.string().optional(),
  lostFeeBack: z.boolean().optional(),
  silentKeepFrom: z.string().optional(),
  styleFeeMinor: minor,
  taxIncluded: z.boolean(),
  rounding: z.enum(ROUNDINGS),
});
const totalSchema = z.strictObject({
  lines: z.array(
    z.strictObject({
      id: z.string(),
      grossMinor: minor,
      discountMinor: minor,
      netMinor: minor,
      taxMinor: minor,
    }),
  ),
  steps: z.array(z.strictObject({ label: z.string(), minor })),
  keptAll: z.boolean(),
  netMinor: minor,
  taxMinor: minor,
  creditMinor: minor,
  feeKeptMinor: minor,
  dueMinor: minor,
});
const range = z.union([z.tuple([z.number(), z.number()]), z.looseObject({})]);
const fitSchema = z.strictObject({
  size: z.string(),
  verdict: z.enum(['too small', 'close', 'right', 'roomy', 'too big']),
  origin: z.string().optional(),
  point: z.string().optional(),
  easeMm: z.number().optional(),
  wantedMm: range.optional(),
  meantMm: range.optional(),
  chart: z.string().optional(),
  learned: z.strictObject({ steps: z.number(), count: z.number() }).optional(),
  between: z
    .strictObject({
      sizes: z.tuple([z.string(), z.string()]),
      took: z.enum(['smaller', 'larger']).optional(),
      why: z.enum(['gives', 'runs large', 'to layer']).optional(),
    })
    .optional(),
  effect: z.enum(['closer', 'looser']).optional(),
  instead: z.strictObject({ size: z.string(), works: z.string() }).optional(),
});
const words = z.array(z.string().max(2000));
const details = z.record(z.string(), z.json());
const lookShape = saveLookCall.input.shape;
const occasionDetails = occasionSchema.omit({ title: true, date: true, formality: true });

/** Every table of a shop, each after those it points to. */
export const ARCHIVED: readonly ArchivedTable[] = [
  {
    name: 'shop',
    table: shop,
    of: byShop(shop.id),
    order: [shop.id],
    json: {
      closedWeekdays: z.array(z.number().int().min(0).max(6)).max(7),
      holidays: words,
      schools: schoolsSchema,
      ruleSettings: ruleSettingsSchema,
      letterVoice: letterVoiceSchema,
      pullSettings: savePullSettingsCall.input.shape.settings,
      tillColumns: z.array(keptColumnsSchema).max(100),
    },
  },
  // Nobody's password is in it: whoever takes the shop over lets each of them choose a new one.
  { name: 'user', table: user, of: byShop(user.shopId), order: [user.createdAt, user.id] },
  { name: 'location', table: location, of: byShop(location.shopId), order: [location.title] },
  {
    name: 'promotion',
    table: promotion,
    of: byShop(promotion.shopId),
    order: [promotion.fromDay, promotion.id],
    json: { scope: z.strictObject({ categories: z.array(z.enum(CATEGORIES)).optional() }) },
  },
  {
    name: 'garment',
    table: garment,
    of: byShop(garment.shopId),
    order: [garment.createdAt, garment.id],
    json: { colours: coloursSchema, attributes: storedAttributesSchema },
  },
  {
    name: 'variant',
    table: variant,
    of: byShop(variant.shopId),
    order: [variant.sku],
    json: {
      measures: z.partialRecord(
        z.enum(MEASURES),
        z.strictObject({ mm: z.number(), origin: z.enum(ORIGINS) }),
      ),
    },
  },
  {
    name: 'client',
    table: client,
    of: byShop(client.shopId),
    order: [client.createdAt, client.id],
    json: {
      address: z.strictObject({ lines: words, town: z.string(), code: z.string().optional() }).nullable(),
      sizes: z.record(z.string(), z.string()),
      profile: storedProfileSchema,
      pieceBudgetMinor: z.partialRecord(z.enum(CATEGORIES), minor),
    },
  },
  {
    name: 'clientMeasure',
    table: clientMeasure,
    of: ofClients(clientMeasure.clientId),
    order: [clientMeasure.clientId, clientMeasure.name],
  },
  {
    name: 'clientProposal',
    table: clientProposal,
    of: ofClients(clientProposal.clientId),
    order: [clientProposal.clientId, clientProposal.key],
  },
  {
    name: 'occasion',
    table: occasion,
    of: ofClients(occasion.clientId),
    order: [occasion.createdAt, occasion.id],
    json: { details: occasionDetails },
  },
  {
    name: 'occasionStage',
    table: occasionStage,
    of: (shopId) => inArray(occasionStage.occasionId, occasionsOf(shopId)),
    order: [occasionStage.occasionId, occasionStage.position, occasionStage.id],
    json: { details: stageSchema.shape.changes },
  },
  {
    name: 'ownedItem',
    table: ownedItem,
    of: ofClients(ownedItem.clientId),
    order: [ownedItem.createdAt, ownedItem.id],
    json: {
      colours: coloursSchema,
      attributes: storedAttributesSchema,
      origins: z.record(z.string(), z.string()),
    },
  },
  {
    name: 'briefLink',
    table: briefLink,
    of: ofClients(briefLink.clientId),
    order: [briefLink.createdAt, briefLink.id],
    without: ['tokenHash'],
    json: { draft: briefAnswersSchema },
  },
  {
    name: 'consent',
    table: consent,
    of: ofClients(consent.clientId),
    order: [consent.createdAt, consent.id],
  },
  { name: 'rhythm', table: rhythm, of: ofClients(rhythm.clientId), order: [rhythm.clientId] },
  {
    name: 'box',
    table: box,
    of: byShop(box.shopId),
    order: [box.number],
    json: {
      mood: words,
      letter: letterSchema.nullable(),
      terms: termsSchema.nullable(),
      total: totalSchema.nullable(),
    },
  },
  {
    name: 'boxHandover',
    table: boxHandover,
    of: ofBoxes(boxHandover.boxId),
    order: [boxHandover.at, boxHandover.id],
  },
  {
    name: 'boxOccasion',
    table: boxOccasion,
    of: ofBoxes(boxOccasion.boxId),
    order: [boxOccasion.boxId, boxOccasion.occasionId],
  },
  {
    name: 'boxAsk',
    table: boxAsk,
    of: ofBoxes(boxAsk.boxId),
    order: [boxAsk.boxId, boxAsk.position, boxAsk.id],
    json: { ask: askSchema },
  },
  {
    name: 'boxLine',
    table: boxLine,
    of: ofBoxes(boxLine.boxId),
    order: [boxLine.createdAt, boxLine.id],
    json: { fit: fitSchema.nullable(), laidIn: z.array(z.enum(ENCLOSURES)) },
  },
  { name: 'parcel', table: parcel, of: ofBoxes(parcel.boxId), order: [parcel.boxId, parcel.no] },
  { name: 'hold', table: hold, of: ofLines(hold.boxLineId), order: [hold.createdAt, hold.id] },
  {
    name: 'limitPass',
    table: limitPass,
    of: ofLines(limitPass.boxLineId),
    order: [limitPass.at, limitPass.id],
  },
  {
    name: 'alteration',
    table: alteration,
    of: ofLines(alteration.boxLineId),
    order: [alteration.createdAt, alteration.id],
  },
  {
    name: 'look',
    table: look,
    of: ofBoxes(look.boxId),
    order: [look.createdAt, look.id],
    json: {
      pieces: lookShape.pieces,
      overrules: lookShape.overrules,
      stages: lookShape.stages,
      spoke: words,
      against: words.nullable(),
    },
  },
  { name: 'receipt', table: receipt, of: byShop(receipt.shopId), order: [receipt.no] },
  { name: 'creditNote', table: creditNote, of: byShop(creditNote.shopId), order: [creditNote.no] },
  {
    name: 'voucher',
    table: voucher,
    of: byShop(voucher.shopId),
    order: [voucher.createdAt, voucher.id],
  },
  {
    name: 'voucherMovement',
    table: voucherMovement,
    of: (shopId) => inArray(voucherMovement.voucherId, vouchersOf(shopId)),
    order: [voucherMovement.at, voucherMovement.id],
  },
  { name: 'cardSum', table: cardSum, of: ofBoxes(cardSum.boxId), order: [cardSum.at, cardSum.id] },
  { name: 'payment', table: payment, of: ofBoxes(payment.boxId), order: [payment.at, payment.id] },
  {
    name: 'stockMovement',
    table: stockMovement,
    of: ofSizes(stockMovement.variantId),
    order: [stockMovement.no],
    // Counted by the database; the order of the rows is the order of booking.
    without: ['no'],
  },
  {
    name: 'stockBalance',
    table: stockBalance,
    of: ofSizes(stockBalance.variantId),
    order: [stockBalance.variantId, stockBalance.locationId, stockBalance.place],
  },
  {
    name: 'stockProposal',
    table: stockProposal,
    of: byShop(stockProposal.shopId),
    order: [stockProposal.createdAt, stockProposal.id],
  },
  {
    name: 'photo',
    table: photo,
    of: byShop(photo.shopId),
    order: [photo.createdAt, photo.id],
    // Beside it as a file: photos/<id>.jpg.
    without: ['jpeg'],
  },
  { name: 'audit', table: audit, of: byShop(audit.shopId), order: [audit.at, audit.id], json: { details } },
];

export function tableNamed(name: string): ArchivedTable {
  const found = ARCHIVED.find((each) => each.name === name);
  if (!found) throw new Error(`no table ${name} in an archive`);
  return found;
}

/** Not of the shop but of this machine, or secret: passwords, sessions, links, counts of tries, answers to repeated calls. */
export const LEFT_OUT: readonly PgTable[] = [
  schema.account,
  schema.session,
  schema.verification,
  schema.invitation,
  schema.boxLink,
  schema.rateLimit,
  schema.idempotency,
  schema.workerBeat,
  schema.backupRun,
  schema.outbox,
  schema.practiceTask,
  schema.practiceSkill,
];
