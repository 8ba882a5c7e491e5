import { type BoxState, mayMove } from '@core/box';
import { addDays, workingDaysAfter } from '@core/schedule';
import { moveStock } from '@data/ledger';
import { box, boxLine, hold, payment } from '@data/schema';
import { eq, sql } from 'drizzle-orm';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, forbidden, Refusal, stale } from '../problem';
import { calendarOf, dayIn, shopOf } from '../shop/settings';
import { releaseExpired, releaseHold } from '../stock/holds';
import { defineUseCase } from '../use-case';
import { boxOf, type BoxRecord, boxView, type LineRecord, linesOf, priceOf, termsOf } from './load';

const PACKER_MOVES: readonly BoxState[] = ['packed', 'out'];

export const moveBox = defineUseCase({
  name: 'move-box',
  roles: ['owner', 'stylist', 'packer'],
  writes: true,
  async run(context, { boxId, version, to, parcel }) {
    const { tx, actor, now } = context;
    if (actor.role === 'packer' && !PACKER_MOVES.includes(to)) throw forbidden();
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (row.version !== version) throw stale([{ path: 'state', message: `the box is ${row.state} now` }]);
    if (to === 'tallying' || to === 'closed')
      throw conflict('A box is tallied line by line, and closed at the end.');
    await releaseExpired(
      tx,
      now,
      (await linesOf(tx, boxId)).map((record) => record.line.variantId),
    );
    const lines = await linesOf(tx, boxId);
    const allowed = mayMove(row.state, to, factsOf(row, lines));
    if (!allowed.ok) throw new Refusal(409, allowed.faults[0]?.message ?? 'Not yet.', allowed.faults);
    if (to === 'out') await sendOut(context, row, lines, parcel);
    if (to === 'cancelled') for (const { line } of lines) await releaseHold(tx, line.id, actor.id);
    await tx
      .update(box)
      .set({ state: to, version: sql`${box.version} + 1` })
      .where(eq(box.id, boxId));
    await note(context, `move to ${to}`, 'box', boxId, { from: row.state });
    return boxView(tx, actor, boxId, now);
  },
});

/** What the guards of a box look at. */
export const factsOf = (row: BoxRecord, lines: readonly LineRecord[]) => ({
  hasLetter: row.letter !== null,
  lines: lines.map(({ line, garment, hold: held }) => ({
    title: garment.title,
    held: held?.state === 'active' || row.outAt !== null,
    told: row.letter?.pieces.some(({ ref }) => ref === `line:${line.id}`) ?? false,
    decision: line.decision,
    checkedIn: line.checkedInAt !== null,
  })),
});

/** Held becomes out-with-client; prices, tax and terms freeze; the styling fee is charged. */
async function sendOut(
  { tx, actor, now }: Context,
  row: BoxRecord,
  lines: readonly LineRecord[],
  parcel: string | undefined,
): Promise<void> {
  const shop = await shopOf(tx, actor.shopId);
  const today = dayIn(shop.zone, now);
  const terms = await termsOf(tx, row, shop, today);
  const ordered = [...lines].sort((a, b) => (a.line.variantId < b.line.variantId ? -1 : 1));
  for (const record of ordered) {
    const { line } = record;
    await moveStock(tx, {
      variantId: line.variantId,
      locationId: line.locationId,
      qty: 1,
      cause: 'ship',
      boxLineId: line.id,
      actorId: actor.id,
    });
    await tx
      .update(hold)
      .set({ state: 'shipped' })
      .where(sql`${hold.boxLineId} = ${line.id} and ${hold.state} = 'active'`);
    await tx
      .update(boxLine)
      .set({ priceMinor: priceOf(record), taxBp: record.garment.taxBp ?? shop.taxBp })
      .where(eq(boxLine.id, line.id));
  }
  const arrives = workingDaysAfter(today, shop.transitDays, calendarOf(shop));
  const decideBy = addDays(arrives, shop.tryOnDays);
  await tx
    .update(box)
    .set({
      terms,
      outAt: now,
      parcel: parcel || null,
      decideBy,
      returnBy: addDays(decideBy, shop.exchangeDays),
    })
    .where(eq(box.id, row.id));
  if (terms.styleFeeMinor > 0)
    await tx
      .insert(payment)
      .values({ boxId: row.id, kind: 'fee', amountMinor: terms.styleFeeMinor, at: now, actorId: actor.id });
}
