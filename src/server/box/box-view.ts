import { type BoxState, comesBack, hasLeft, isClosed, mayTally, stepOf } from '@core/box';
import type { Learned } from '@core/client';
import type { GuardFinding } from '@core/guard';
import { daysBetween, earliestOccasion } from '@core/schedule';
import { sizeWords } from '@core/stock';
import type {
  BoxView,
  CreditView,
  DressedBox,
  LateRules,
  LineView,
  TalliedBox,
} from '@contracts/box/box-view';
import type { Reader } from '@data/db';
import { asksOf } from '@data/box/asks';
import { type BoxRecord, closedBefore, linesWithTitles, occasionIdsOf } from '@data/box/boxes';
import { creditNotesOf } from '@data/box/credit-notes';
import { lastHandover } from '@data/box/handovers';
import { type LineRecord, linesOf } from '@data/box/lines';
import { looksOf } from '@data/box/looks';
import { lastCardSum } from '@data/box/card-sums';
import { paidBy } from '@data/box/payments';
import { closetOf } from '@data/client/closet';
import { occasionsOf } from '@data/client/occasions';
import { nameOf, stylistsOf } from '@data/people/users';
import { photosOf } from '@data/photo/photos';
import { pieceOfOwned } from '@data/pieces';
import { clientOf, dressed } from '../client/profile';
import { type Actor, stylistsOnly } from '../context';
import { calendarOf, dayIn, leadTimes, shopOf, shopView } from '../shop/settings';
import { dueOn } from './due';
import { guardOf, guardOfBox, passesOf } from './guard';
import {
  alteringDays,
  boxOf,
  isHeld,
  mayReturn,
  pieceOfLine,
  priceOf,
  spentOn,
  waitsForParcel,
} from './lines';
import { termsOf, totalOf } from './money';
import { packingOf, parcelViews } from './packing';
import type { ShopRow } from '@data/shop/shops';

function lineView(
  record: LineRecord,
  state: BoxState,
  zone: string,
  { guard, credit }: { readonly guard: readonly GuardFinding[]; readonly credit?: CreditView | undefined },
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
    held: isHeld(record) || (hasLeft(state) && !waitsForParcel(record)),
    holdUntil: until ? dayIn(zone, until) : undefined,
    decision: line.decision,
    reason: line.reason,
    note: line.note,
    decidedBy: line.decidedBy,
    fitPoint: line.fitPoint,
    checkedIn: line.checkedInAt !== null,
    lost: line.lostAt !== null,
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
    exchangeOf: line.exchangeOf,
    sent: hasLeft(state) && !waitsForParcel(record),
    credit,
    guard,
  };
}

/** What earlier boxes taught: what came back and why, and the note left for the next one. */
async function learnedFrom(db: Reader, clientId: string, boxId: string): Promise<Learned[]> {
  const before = await closedBefore(db, clientId, boxId, BOXES_LOOKED_AT);
  const said = before.flatMap((row): Learned[] =>
    row.notesNext ? [{ kind: 'noted', text: row.notesNext }] : [],
  );
  const back = await linesWithTitles(
    db,
    before.map((row) => row.id),
  );
  return [
    ...said,
    ...back
      .filter(({ line }) => comesBack(line.decision) || line.cameBackAt !== null)
      .map(({ line, title }): Learned => ({
        kind: 'came back',
        title,
        reason: line.reason ?? undefined,
        note: line.note,
      })),
  ];
}
/** Earlier boxes that still say something of the next one. */
const BOXES_LOOKED_AT = 3;

const cardShown = (sum: Awaited<ReturnType<typeof lastCardSum>>): BoxView['card'] =>
  sum && { id: sum.id, amountMinor: sum.amountMinor, state: sum.state, voucher: sum.voucher ?? undefined };

const lateRules = (row: BoxRecord, shop: ShopRow, today: string): LateRules => ({
  terminal: shop.terminal,
  returnDays: shop.lateReturnDays,
  settledDays: row.closedAt ? daysBetween(dayIn(shop.zone, row.closedAt), today) : undefined,
  damageShareBp: shop.damageShareBp,
  keepAllUntil: row.terms?.keepAllUntil,
  lostFeeBack: row.terms?.lostFeeBack ?? shop.lostFeeBack,
  silentKeepFrom: row.terms?.silentKeepFrom,
});

/** What every step is made of. */
async function readBox(db: Reader, actor: Actor, id: string, now: Date) {
  stylistsOnly(actor);
  const row = await boxOf(db, actor.shopId, id);
  const shop = await shopOf(db, actor.shopId);
  const person = await clientOf(db, actor.shopId, row.clientId);
  const lines = await linesOf(db, id);
  return { row, shop, person, lines, now, today: dayIn(shop.zone, now) };
}
type BoxRead = Awaited<ReturnType<typeof readBox>>;

/** Of a box that is out, only what waits for its parcel is judged still. */
const isJudged = ({ row, lines }: BoxRead): boolean => !hasLeft(row.state) || lines.some(waitsForParcel);

async function talliedOf(
  db: Reader,
  { row, shop, person, lines, now, today }: BoxRead,
  guard: ReadonlyMap<string, readonly GuardFinding[]> | undefined,
): Promise<TalliedBox> {
  const decided = hasLeft(row.state);
  // What follows a parcel is not asked for before there was one.
  const wentOut = row.outAt !== null;
  const credits = new Map(
    (wentOut ? await creditNotesOf(db, row.id) : []).map(
      ({ boxLineId, no, at, amountMinor, withheldMinor }) => [
        boxLineId,
        { no, day: dayIn(shop.zone, at), amountMinor, withheldMinor },
      ],
    ),
  );
  return {
    sees: 'all',
    id: row.id,
    number: row.number,
    state: row.state,
    step: stepOf(row.state),
    version: row.version,
    wantedBy: row.wantedBy ?? undefined,
    shop: shopView(shop),
    today,
    client: dressed(person),
    budgetMinor: row.budgetMinor,
    spentMinor: spentOn(lines),
    lines: lines.map((record) =>
      lineView(record, row.state, shop.zone, {
        guard: decided && !waitsForParcel(record) ? [] : (guard?.get(record.line.id) ?? []),
        credit: credits.get(record.line.id),
      }),
    ),
    letter: row.letter,
    parcels: wentOut ? await parcelViews(db, row.id, shop, now) : [],
    outDay: row.outAt ? dayIn(shop.zone, row.outAt) : undefined,
    decideBy: row.decideBy ?? undefined,
    returnBy: row.returnBy ?? undefined,
    styleFeeMinor: row.terms?.styleFeeMinor ?? shop.styleFeeMinor,
    keepAllBp: row.terms?.keepAllBp ?? shop.keepAllBp,
    total: row.total ?? (decided ? totalOf(lines, await termsOf(db, row, shop, today), shop) : undefined),
    paid: isClosed(row.state) ? await paidBy(db, row.id) : [],
    card: mayTally(row.state) ? cardShown(await lastCardSum(db, row.id)) : undefined,
    late: lateRules(row, shop, today),
    notesNext: row.notesNext,
  };
}

async function dressedOf(db: Reader, read: BoxRead): Promise<DressedBox> {
  const { row, shop, person, lines, today } = read;
  const occasions = await occasionsOf(db, row.clientId);
  const occasionIds = await occasionIdsOf(db, row.id);
  const asks = await asksOf(db, row.id);
  const owned = await closetOf(db, row.clientId);
  const looks = await looksOf(db, row.id);
  const photos = await photosOf(db, {
    garment: lines.map((record) => record.garment.id),
    owned: owned.map((each) => each.id),
  });
  const [day] = occasions
    .flatMap(({ id: of, occasion }) => (occasionIds.includes(of) && occasion.date ? [occasion.date] : []))
    .sort();
  const due = dueOn(day, row, shop, lines);
  const guarded = { client: person.profile, lines, owned, looks, notToSend: row.notToSend };
  const guard = isJudged(read) ? guardOf(guarded, await passesOf(db, row.id)) : undefined;
  const altering = alteringDays(lines.flatMap(({ alterations }) => alterations));
  return {
    ...(await talliedOf(db, read, guard)),
    asks: asks.map((each) => ({ id: each.id, ask: each.ask })),
    mood: row.mood,
    notToSend: row.notToSend,
    occasions,
    occasionIds,
    due,
    earliest:
      due && due.styleBy < today && !hasLeft(row.state)
        ? earliestOccasion(today, leadTimes(shop), calendarOf(shop), altering)
        : undefined,
    owned: owned.map(pieceOfOwned),
    loved: owned.filter(({ loved }) => loved).map(({ id: ownedId }) => `owned:${ownedId}`),
    photos: Object.fromEntries(
      [
        ...lines.map(({ line, garment: { id: shown } }) => [`line:${line.id}`, photos.get(shown)]),
        ...owned.map(({ id: shown }) => [`owned:${shown}`, photos.get(shown)]),
      ].filter(([, found]) => found),
    ) as Record<string, string>,
    looks: looks.map((each) => ({
      id: each.id,
      version: each.version,
      occasionId: each.occasionId,
      title: each.title,
      pieces: each.pieces,
      overrules: each.overrules,
      stages: each.stages,
      note: each.note,
    })),
    packing: packingOf({ row, shop, person: person.row, lines, looks }),
  };
}

/** A box as whoever decides on its pieces, charges and checks in is answered. */
export async function talliedBox(db: Reader, actor: Actor, id: string, now: Date): Promise<TalliedBox> {
  const read = await readBox(db, actor, id, now);
  return talliedOf(db, read, isJudged(read) ? await guardOfBox(db, read.row, read.lines) : undefined);
}

/** A box as whoever pulls, combines, writes and sends is answered. */
export const dressedBox = async (db: Reader, actor: Actor, id: string, now: Date): Promise<DressedBox> =>
  dressedOf(db, await readBox(db, actor, id, now));

/** A box with everything its six steps show, for those who dress its client: what a page is made with. */
export async function boxView(db: Reader, actor: Actor, id: string, now: Date): Promise<BoxView> {
  const read = await readBox(db, actor, id, now);
  const { row, shop } = read;
  const stylists = await stylistsOf(db, shop.id);
  const came = await lastHandover(db, id);
  return {
    ...(await dressedOf(db, read)),
    stylist: stylists.find(({ id: of }) => of === row.stylistId) ?? {
      id: row.stylistId,
      name: await nameOf(db, row.stylistId),
    },
    stylists,
    handover: came && { from: came.from, note: came.note, day: dayIn(shop.zone, came.at) },
    learned: await learnedFrom(db, row.clientId, id),
  };
}
