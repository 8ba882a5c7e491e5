import { moveBoxCall } from '@contracts/box/move-box';
import { isPacked, isTallyMove, mayMove, packerMay } from '@core/box';
import type { PayWay } from '@core/money';
import { parcelNumber } from '@core/parcel';
import { addDays, workingDaysAfter } from '@core/schedule';
import { type BoxRecord, changeBox } from '@data/box/boxes';
import { changeLine, type LineRecord, linesOf } from '@data/box/lines';
import { addParcel } from '@data/box/parcels';
import { addPayment } from '@data/box/payments';
import type { ShopRow } from '@data/shop/shops';
import { releaseHold, shipHold } from '@data/stock/holds';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, forbidden, Refusal, stale } from '../problem';
import { calendarOf, dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { guardFaults } from './guard';
import { setHoldClock } from './hold-clock';
import { boxOf, inLockOrder, isHeld, priceOf, waitsForParcel } from './lines';
import { termsOf } from './money';
import { dressedBox } from './box-view';
import { viewFor } from './pack-view';
import { moveUnit } from './put-away';

export const moveBox = serve(moveBoxCall, {
  async run(context, { boxId, version, to, parcel, feeWay }) {
    const { tx, actor, now } = context;
    if (actor.role === 'packer' && !packerMay(to)) throw forbidden();
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (row.version !== version) throw stale([{ path: 'state', message: `the box is ${row.state} now` }]);
    if (isTallyMove(to)) throw conflict('A box is tallied line by line, and closed at the end.');
    const lines = await linesOf(tx, boxId);
    const allowed = mayMove(row.state, to, factsOf(row, lines));
    if (!allowed.ok) throw new Refusal(409, allowed.faults[0]?.message ?? 'Not yet.', allowed.faults);
    // Where the deed is done: what a client is allergic to, or never wears, leaves the shop with nobody's hand.
    if (packerMay(to)) {
      const faults = await guardFaults(tx, actor, row, lines);
      if (faults.length > 0) throw new Refusal(409, faults[0]?.message ?? 'Not yet.', faults);
    }
    const frozen = to === 'out' ? await sendOut(context, row, lines, { tracking: parcel, feeWay }) : {};
    if (to === 'cancelled')
      for (const { line } of inLockOrder(lines)) await releaseHold(tx, line.id, actor.id);
    await changeBox(tx, boxId, { ...frozen, state: to });
    // Packed pieces are on no clock; unpacked ones are on theirs again.
    if (isPacked(to) || isPacked(row.state)) await setHoldClock(context, { ...row, state: to }, lines);
    await note(context, `move to ${to}`, 'box', boxId, { from: row.state });
    return viewFor(tx, actor, boxId, now, dressedBox);
  },
});

/** What the guards of a box look at. */
export const factsOf = (row: BoxRecord, lines: readonly LineRecord[]) => ({
  hasLetter: row.letter !== null,
  lines: lines.map((record) => ({
    title: record.garment.title,
    held: isHeld(record) || row.outAt !== null,
    told: row.letter?.pieces.some(({ ref }) => ref === `line:${record.line.id}`) ?? false,
    decision: record.line.decision,
    checkedIn: record.line.checkedInAt !== null,
    sent: !waitsForParcel(record),
  })),
});

/** Held becomes out-with-client; prices and tax freeze; the styling fee is charged. What freezes of the box itself is answered. */
async function sendOut(
  context: Context,
  row: BoxRecord,
  lines: readonly LineRecord[],
  { tracking, feeWay }: { readonly tracking: string | undefined; readonly feeWay: PayWay },
) {
  const { tx, actor, now } = context;
  const shop = await shopOf(tx, actor.shopId);
  const today = dayIn(shop.zone, now);
  const terms = await termsOf(tx, row, shop, today);
  await shipLines(context, { row, shop, lines, tracking });
  for (const record of lines)
    await changeLine(tx, record.line.id, {
      priceMinor: priceOf(record),
      taxBp: record.garment.taxBp ?? shop.taxBp,
    });
  if (terms.styleFeeMinor > 0)
    await addPayment(tx, {
      boxId: row.id,
      kind: 'fee',
      way: feeWay,
      amountMinor: terms.styleFeeMinor,
      at: now,
      actorId: actor.id,
    });
  // Who comes for it decides there and then.
  const days = row.appointmentAt
    ? appointmentDays(dayIn(shop.zone, row.appointmentAt), today)
    : daysOf(shop, today);
  return {
    terms: {
      ...terms,
      lostFeeBack: shop.lostFeeBack,
      ...(shop.lateKeepAll ? {} : { keepAllUntil: days.returnBy }),
      ...(shop.silentKeepDays === null
        ? {}
        : { silentKeepFrom: addDays(days.returnBy, shop.silentKeepDays) }),
    },
    outAt: now,
    ...days,
  };
}

/** A client who comes to the shop decides there, and leaves there what does not stay. */
const appointmentDays = (day: string, today: string) => {
  const then = day < today ? today : day;
  return { decideBy: then, returnBy: then };
};

/** Until when a client decides about what goes out today, and sends back what does not stay. */
export function daysOf(
  shop: ShopRow,
  today: string,
): { readonly decideBy: string; readonly returnBy: string } {
  const arrives = workingDaysAfter(today, shop.transitDays, calendarOf(shop));
  const decideBy = addDays(arrives, shop.tryOnDays);
  return { decideBy, returnBy: addDays(decideBy, shop.exchangeDays) };
}

/** Numbers of the carrier that is only played follow from the box: so many parcels each has at most. */
const PARCELS_A_BOX = 100;

interface Shipped {
  readonly row: BoxRecord;
  readonly shop: ShopRow;
  readonly lines: readonly LineRecord[];
  /** The carrier's number, where somebody typed one. */
  readonly tracking: string | undefined;
}

/** One parcel: what these lines hold is with the client from now on. */
export async function shipLines(
  { tx, actor, now }: Context,
  { row, shop, lines, tracking }: Shipped,
): Promise<void> {
  const parcelNo = await addParcel(tx, {
    boxId: row.id,
    // Nothing is posted where its client comes for it.
    tracking: (no) =>
      row.appointmentAt === null
        ? tracking || (shop.carrier === 'simulated' ? parcelNumber(row.number * PARCELS_A_BOX + no) : null)
        : null,
    sentAt: now,
    actorId: actor.id,
  });
  for (const record of inLockOrder(lines)) {
    const { line, garment } = record;
    // The very unit this line holds: a line without one must not take somebody else's.
    const own = await shipHold(tx, line.id);
    if (!own)
      throw conflict(`${garment.title} is not held for this box any more.`, [
        { path: `lines[${lines.indexOf(record)}]`, message: 'hold it again or take it out' },
      ]);
    await moveUnit(tx, actor, { ...own, id: line.id }, 'ship');
    await changeLine(tx, line.id, { parcelNo });
  }
}
