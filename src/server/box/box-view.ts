import { type BoxState, hasLeft, stepOf } from '@core/box';
import type { GuardFinding } from '@core/guard';
import { earliestOccasion } from '@core/schedule';
import { sizeWords } from '@core/stock';
import type { BoxView, LineView } from '@contracts/box/box-view';
import type { Reader } from '@data/db';
import { pieceOfOwned } from '@data/pieces';
import { box, boxAsk, boxLine, boxOccasion, garment, look, ownedItem, variant } from '@data/schema';
import { and, asc, desc, eq, inArray, isNull, ne } from 'drizzle-orm';
import { occasionsOf } from '../client/occasions';
import { clientOf } from '../client/profile';
import { type Actor, stylistsOnly } from '../context';
import { photosOf } from '../photo/photos';
import { calendarOf, dayIn, leadTimes, shopOf, shopView } from '../shop/settings';
import { dueOn } from './due';
import { guardOf, passesOf } from './guard';
import {
  alteringDays,
  boxOf,
  isHeld,
  type LineRecord,
  linesOf,
  mayReturn,
  pieceOfLine,
  priceOf,
  spentOn,
} from './lines';
import { termsOf, totalOf } from './money';
import { lastHandover, nameOf, stylistsOf } from './stylists';

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
  const [day] = occasions
    .flatMap(({ id: of, occasion }) => (occasionIds.includes(of) && occasion.date ? [occasion.date] : []))
    .sort();
  const due = dueOn(day, row, shop, lines);
  const decided = hasLeft(row.state);
  const stylists = await stylistsOf(db, shopId);
  const came = await lastHandover(db, id);
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
    stylist: { id: row.stylistId, name: await nameOf(db, row.stylistId) },
    stylists,
    handover: came && {
      from: came.from,
      note: came.note,
      day: dayIn(shop.zone, came.at),
    },
    wantedBy: row.wantedBy ?? undefined,
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
