import { type BoxState, hasLeft, stepOf } from '@core/box';
import { altered, ALTERATION_WORDS } from '@core/fit';
import { type GuardFinding, packerWords } from '@core/guard';
import { boxTotal, type BoxTotal, type MoneyTerms } from '@core/money';
import { type DueDates, dueDates, earliestOccasion } from '@core/schedule';
import type { BoxView, LineView, PackLine, PackView } from '@contracts/views';
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
  occasion,
  ownedItem,
  promotion,
  variant,
} from '@data/schema';
import { and, asc, desc, eq, inArray, isNull, min, ne } from 'drizzle-orm';
import { occasionsOf } from '../client/occasions';
import { clientOf } from '../client/profile';
import { type Actor, seesPersons, stylistsOnly } from '../context';
import { isId, notFound } from '../problem';
import { photosOf } from '../photo/photos';
import { guardOf, guardOfBox, passesOf } from './guard';
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

/** Lines in the one order in which stock is locked, so that two boxes cannot wait for each other. */
export const inLockOrder = (lines: readonly LineRecord[]): LineRecord[] =>
  [...lines].sort((a, b) => (a.line.variantId < b.line.variantId ? -1 : 1));

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

/** A unit is held for a line until somebody takes it back; one that ran out is still held until it is released. */
export const isHeld = ({ hold: held }: Pick<LineRecord, 'hold'>): boolean => held?.state === 'active';

function lineView(
  record: LineRecord,
  state: BoxState,
  zone: string,
  guard: readonly GuardFinding[],
): LineView {
  const { line, variant: size } = record;
  const until = isHeld(record) ? record.hold?.expiresAt : undefined;
  return {
    id: line.id,
    variantId: line.variantId,
    askId: line.askId,
    piece: pieceOfLine(record),
    size: sizeWords(size),
    sku: size.sku,
    priceMinor: priceOf(record),
    fit: line.fit,
    held: isHeld(record) || hasLeft(state),
    holdUntil: until ? dayIn(zone, until) : undefined,
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
    guard,
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

/** Latest dates of a box, worked backwards from the first day of its occasions. */
export async function dueOf(
  db: Reader,
  row: BoxRecord,
  shop: ShopRow,
  lines: readonly LineRecord[],
): Promise<DueDates | undefined> {
  const [first] = await db
    .select({ day: min(occasion.day) })
    .from(boxOccasion)
    .innerJoin(occasion, eq(occasion.id, boxOccasion.occasionId))
    .where(eq(boxOccasion.boxId, row.id));
  return first?.day
    ? dueDates(
        first.day,
        leadTimes(shop),
        calendarOf(shop),
        alteringDays(lines.flatMap(({ alterations }) => alterations)),
      )
    : undefined;
}

/** A box with everything its six steps show, for those who dress its client. */
export async function boxView(db: Reader, actor: Actor, id: string, now: Date): Promise<BoxView> {
  stylistsOnly(actor);
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
  const altering = alteringDays(lines.flatMap(({ alterations }) => alterations));
  const due = await dueOf(db, row, shop, lines);
  const decided = hasLeft(row.state);
  const guard = decided
    ? undefined
    : guardOf({ client: profile, lines, owned, looks, notToSend: row.notToSend }, await passesOf(db, id));
  return {
    sees: 'all',
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
    lines: lines.map((record) => lineView(record, row.state, shop.zone, guard?.get(record.line.id) ?? [])),
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
}

/** A box as whoever packs it sees it: every field is listed, and none is of the person but the name. */
export async function packView(db: Reader, actor: Actor, id: string): Promise<PackView> {
  const row = await boxOf(db, actor.shopId, id);
  const shop = await shopOf(db, actor.shopId);
  const { row: person } = await clientOf(db, actor.shopId, row.clientId);
  const lines = await linesOf(db, id);
  const gone = hasLeft(row.state);
  const guard = gone ? undefined : await guardOfBox(db, row, lines);
  const due = gone ? undefined : await dueOf(db, row, shop, lines);
  return {
    sees: 'parcel',
    id: row.id,
    number: row.number,
    state: row.state,
    step: stepOf(row.state) === 'tally' ? 'tally' : 'out',
    version: row.version,
    today: dayIn(shop.zone, new Date()),
    shop: { name: shop.name, currency: shop.currency },
    client: { name: person.name },
    due: due && { shipBy: due.shipBy },
    letter: row.letter !== null,
    parcel: row.parcel,
    outDay: row.outAt ? dayIn(shop.zone, row.outAt) : undefined,
    returnBy: row.returnBy ?? undefined,
    lines: lines.map((record): PackLine => {
      const { line, variant: size } = record;
      return {
        id: line.id,
        piece: pieceOfGarment(record.garment, size, `line:${line.id}`),
        size: sizeWords(size),
        sku: size.sku,
        location: record.location,
        priceMinor: priceOf(record),
        held: isHeld(record) || gone,
        scanned: line.scannedAt !== null,
        jobs: record.alterations.map(({ job }) => ALTERATION_WORDS[job]),
        decision: line.decision,
        checkedIn: line.checkedInAt !== null,
        ruledOut: packerWords(guard?.get(line.id) ?? []),
      };
    }),
  };
}

/** The box as the role of an actor sees it. */
export const viewFor = (db: Reader, actor: Actor, id: string, now: Date): Promise<BoxView | PackView> =>
  seesPersons(actor) ? boxView(db, actor, id, now) : packView(db, actor, id);
