import { type BoxState, hasLeft, stepOf } from '@core/box';
import { altered } from '@core/fit';
import { NOBODY } from '@core/look';
import { boxTotal, type BoxTotal, type MoneyTerms } from '@core/money';
import { dueDates, earliestOccasion } from '@core/schedule';
import type { BoxView, LineView } from '@contracts/views';
import type { Piece } from '@core/piece';
import { sizeWords } from '@core/stock';
import type { Reader } from '@data/db';
import { pieceOfGarment, pieceOfOwned } from '@data/pieces';
import {
  alteration,
  box,
  boxAsk,
  boxLine,
  boxOccasion,
  garment,
  hold,
  location,
  look,
  ownedItem,
  promotion,
  variant,
} from '@data/schema';
import { and, asc, desc, eq, inArray, isNull, ne } from 'drizzle-orm';
import { occasionsOf } from '../client/occasions';
import { clientOf } from '../client/profile';
import type { Actor } from '../context';
import { isId, notFound } from '../problem';
import { photosOf } from '../photo/photos';
import { calendarOf, dayIn, leadTimes, type ShopRow, shopOf, shopView } from '../shop/settings';

export type BoxRecord = typeof box.$inferSelect;
export type LineRecord = Awaited<ReturnType<typeof linesOf>>[number];

/** The box of this shop, locked for the rest of the transaction when `lock` is set. */
export async function boxOf(db: Reader, shopId: string, id: string, lock = false): Promise<BoxRecord> {
  if (!isId(id)) throw notFound('That box');
  const query = db
    .select()
    .from(box)
    .where(and(eq(box.id, id), eq(box.shopId, shopId)));
  const [row] = await (lock ? query.for('update') : query);
  if (!row) throw notFound('That box');
  return row;
}

/** Lines still in the box with garment, variant, active hold and alterations. */
export async function linesOf(db: Reader, boxId: string) {
  const rows = await db
    .select({ line: boxLine, variant, garment, hold, location: location.title })
    .from(boxLine)
    .innerJoin(location, eq(location.id, boxLine.locationId))
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .leftJoin(hold, and(eq(hold.boxLineId, boxLine.id), inArray(hold.state, ['active', 'shipped'])))
    .where(and(eq(boxLine.boxId, boxId), isNull(boxLine.removedAt)))
    .orderBy(asc(boxLine.position), asc(boxLine.id));
  const ids = rows.map(({ line }) => line.id);
  const jobs =
    ids.length > 0
      ? await db
          .select()
          .from(alteration)
          .where(inArray(alteration.boxLineId, ids))
          .orderBy(asc(alteration.createdAt), asc(alteration.id))
      : [];
  return rows.map((row) => ({ ...row, alterations: jobs.filter((job) => job.boxLineId === row.line.id) }));
}

/** Price of a line now, or as frozen when the box went out. */
export const priceOf = ({ line, garment: row }: Pick<LineRecord, 'line' | 'garment'>): number =>
  line.priceMinor ?? row.priceMinor;

const alteringOf = (record: LineRecord): number =>
  record.alterations.reduce((sum, job) => sum + job.priceMinor, 0);

/** What the lines of a box cost, altered as they are to be. */
export const spentOn = (lines: readonly LineRecord[]): number =>
  lines.reduce((sum, record) => sum + priceOf(record) + alteringOf(record), 0);

type Jobs = readonly (typeof alteration.$inferSelect)[];

/** Days the longest job of a box takes; they are counted back from the day of the occasion. */
export const alteringDays = (jobs: Jobs): number => Math.max(0, ...jobs.map((job) => job.leadDays));

/** An altered piece stays, unless the shop took it up so. */
export const mayReturn = (jobs: Jobs): boolean => jobs.every((job) => job.mayReturn);

/** The piece of a line as the client gets it: in its size, altered. */
export const pieceOfLine = (
  record: Pick<LineRecord, 'line' | 'garment' | 'variant' | 'alterations'>,
): Piece => ({
  ...altered(pieceOfGarment(record.garment, record.variant, `line:${record.line.id}`), record.alterations),
  priceMinor: priceOf(record),
});

/** Terms of money of a box: frozen once it is out, the shop's of today before. */
export async function termsOf(db: Reader, row: BoxRecord, shop: ShopRow, today: string): Promise<MoneyTerms> {
  if (row.terms) return row.terms;
  const running = await db.select().from(promotion).where(eq(promotion.shopId, shop.id));
  return {
    promotions: running
      .filter((each) => each.fromDay <= today && today <= each.toDay)
      .map((each) => ({ code: each.code, kind: each.kind, value: each.value })),
    keepAllBp: shop.keepAllBp,
    styleFeeMinor: shop.styleFeeMinor,
    taxIncluded: shop.taxIncluded,
    rounding: shop.rounding,
  };
}

export function totalOf(lines: readonly LineRecord[], terms: MoneyTerms, shop: ShopRow): BoxTotal {
  return boxTotal(
    lines.map((record) => ({
      id: record.line.id,
      priceMinor: priceOf(record),
      alterationMinor: alteringOf(record),
      taxBp: record.line.taxBp ?? record.garment.taxBp ?? shop.taxBp,
      decision: record.line.decision,
    })),
    terms,
  );
}

function lineView(record: LineRecord, state: BoxState, now: Date, zone: string): LineView {
  const { line, variant: size } = record;
  const active = record.hold?.state === 'active' && record.hold.expiresAt > now;
  return {
    id: line.id,
    variantId: line.variantId,
    askId: line.askId,
    piece: pieceOfLine(record),
    size: sizeWords(size),
    sku: size.sku,
    priceMinor: priceOf(record),
    fit: line.fit,
    held: active || hasLeft(state),
    holdUntil: active && record.hold ? dayIn(zone, record.hold.expiresAt) : undefined,
    decision: line.decision,
    reason: line.reason,
    note: line.note,
    fitPoint: line.fitPoint,
    checkedIn: line.checkedInAt !== null,
    scanned: line.scannedAt !== null,
    location: record.location,
    alterations: record.alterations.map(({ id, job, mm, priceMinor, leadDays }) => ({
      id,
      job,
      mm,
      priceMinor,
      leadDays,
    })),
    mayReturn: mayReturn(record.alterations),
    netMinor: line.netMinor ?? undefined,
  };
}

/** What earlier boxes taught: what came back and why, and the note left for the next one. */
async function learnedFrom(db: Reader, clientId: string, boxId: string): Promise<string[]> {
  const before = await db
    .select()
    .from(box)
    .where(and(eq(box.clientId, clientId), eq(box.state, 'closed'), ne(box.id, boxId)))
    .orderBy(desc(box.closedAt))
    .limit(3);
  const said: string[] = before.flatMap((row) => (row.notesNext ? [row.notesNext] : []));
  if (before.length === 0) return said;
  const back = await db
    .select({ line: boxLine, garment })
    .from(boxLine)
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(
        inArray(
          boxLine.boxId,
          before.map((row) => row.id),
        ),
        eq(boxLine.decision, 'return'),
      ),
    );
  return [
    ...said,
    ...back.map(
      ({ line, garment: row }) =>
        `${row.title} came back: ${line.reason ?? 'no reason given'}${line.note ? ` (${line.note})` : ''}`,
    ),
  ];
}

/** A box with everything its six steps show; without the client's person where the role has no need of it. */
export async function boxView(db: Reader, actor: Actor, id: string, now: Date): Promise<BoxView> {
  const { shopId } = actor;
  const row = await boxOf(db, shopId, id);
  const shop = await shopOf(db, shopId);
  const { row: person, profile } = await clientOf(db, shopId, row.clientId);
  const lines = await linesOf(db, id);
  const occasions = await occasionsOf(db, row.clientId);
  const chosen = await db.select().from(boxOccasion).where(eq(boxOccasion.boxId, id));
  const asks = await db.select().from(boxAsk).where(eq(boxAsk.boxId, id)).orderBy(asc(boxAsk.position));
  const owned = await db
    .select()
    .from(ownedItem)
    .where(and(eq(ownedItem.clientId, row.clientId), isNull(ownedItem.retiredAt)))
    .orderBy(asc(ownedItem.createdAt), asc(ownedItem.id));
  const looks = await db
    .select()
    .from(look)
    .where(eq(look.boxId, id))
    .orderBy(asc(look.position), asc(look.createdAt));
  const ofGarments = await photosOf(
    db,
    'garment',
    lines.map((record) => record.garment.id),
  );
  const ofOwned = await photosOf(
    db,
    'owned',
    owned.map((each) => each.id),
  );
  const today = dayIn(shop.zone, now);
  const occasionIds = chosen.map((each) => each.occasionId);
  const day = occasions
    .filter((each) => occasionIds.includes(each.id) && each.occasion.date)
    .map((each) => each.occasion.date as string)
    .sort()[0];
  const altering = alteringDays(lines.flatMap(({ alterations }) => alterations));
  const due = day ? dueDates(day, leadTimes(shop), calendarOf(shop), altering) : undefined;
  const decided = hasLeft(row.state);
  const whole: BoxView = {
    id: row.id,
    number: row.number,
    state: row.state,
    step: stepOf(row.state),
    version: row.version,
    shop: shopView(shop),
    today,
    client: {
      id: person.id,
      name: person.name,
      about: person.about,
      profile,
      pieceBudgetMinor: person.pieceBudgetMinor,
    },
    budgetMinor: row.budgetMinor,
    spentMinor: spentOn(lines),
    asks: asks.map((each) => ({ id: each.id, ask: each.ask })),
    mood: row.mood,
    notToSend: row.notToSend,
    occasions,
    occasionIds,
    due,
    earliest:
      due && due.styleBy < today && !decided
        ? earliestOccasion(today, leadTimes(shop), calendarOf(shop), altering)
        : undefined,
    lines: lines.map((record) => lineView(record, row.state, now, shop.zone)),
    owned: owned.map(pieceOfOwned),
    loved: owned.filter(({ loved }) => loved).map(({ id: ownedId }) => `owned:${ownedId}`),
    photos: Object.fromEntries([
      ...lines.flatMap(({ line, garment: shown }) => {
        const found = ofGarments.get(shown.id);
        return found ? [[`line:${line.id}`, found]] : [];
      }),
      ...[...ofOwned].map(([shown, found]) => [`owned:${shown}`, found]),
    ]) as Record<string, string>,
    looks: looks.map((each) => ({
      id: each.id,
      version: each.version,
      occasionId: each.occasionId,
      title: each.title,
      pieces: each.pieces,
      overrules: each.overrules,
      stages: each.stages,
    })),
    letter: row.letter,
    parcel: row.parcel,
    outDay: row.outAt ? dayIn(shop.zone, row.outAt) : undefined,
    decideBy: row.decideBy ?? undefined,
    returnBy: row.returnBy ?? undefined,
    styleFeeMinor: row.terms?.styleFeeMinor ?? shop.styleFeeMinor,
    keepAllBp: row.terms?.keepAllBp ?? shop.keepAllBp,
    total: row.total ?? (decided ? totalOf(lines, await termsOf(db, row, shop, today), shop) : undefined),
    notesNext: row.notesNext,
    learned: await learnedFrom(db, row.clientId, id),
  };
  return actor.role === 'packer' ? forPacker(whole) : whole;
}

/** What a packer needs: lines, dates, state. Measures, closet, limits and letter stay with the stylists. */
function forPacker(view: BoxView): BoxView {
  return {
    ...view,
    step: view.step === 'tally' ? 'tally' : 'out',
    client: { ...view.client, about: '', pieceBudgetMinor: {}, profile: NOBODY },
    // Wishes, limits and occasions can name an allergy, a faith, a body; none of it is needed to pack.
    asks: [],
    mood: [],
    notToSend: '',
    occasions: [],
    occasionIds: [],
    owned: [],
    loved: [],
    photos: Object.fromEntries(Object.entries(view.photos).filter(([ref]) => ref.startsWith('line:'))),
    looks: [],
    letter: view.letter && { greeting: '', pieces: [], looks: [], closing: '' },
    learned: [],
    notesNext: '',
  };
}
