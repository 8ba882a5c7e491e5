import { renewHoldCall } from '@contracts/pull/renew-hold';
import { releaseLineCall } from '@contracts/pull/release-line';
import { swapLineCall } from '@contracts/pull/swap-line';
import { holdLineCall } from '@contracts/pull/hold-line';
import { broughtTo, isOpen } from '@core/box';
import type { Writer } from '@data/db';
import { lockStock } from '@data/ledger';
import {
  alteration,
  box,
  boxAsk,
  boxLine,
  client,
  garment,
  hold,
  look,
  stockBalance,
  variant,
} from '@data/schema';
import { and, asc, eq, gt, inArray, isNull, ne, sql } from 'drizzle-orm';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, invalid, notFound, Refusal } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { releaseExpired, releaseHold, takeHold } from '../stock/holds';
import { serve } from '../use-case';
import { holdUntil } from './hold-clock';
import { boxView } from './box-view';
import { fitInBox } from './candidates';
import { boxOf, type BoxRecord, linesOf } from './lines';

const PACKED = 'This box is packed: take a step back before changing what is in it.';

export const holdLine = serve(holdLineCall, {
  async run(context, { boxId, variantId, askId, locationId }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isOpen(row.state)) throw conflict(PACKED);
    const { lineId, sku } = await takeLine(context, row, { variantId, askId, locationId });
    const state = broughtTo(row.state, 'pulling');
    if (state !== row.state)
      await tx
        .update(box)
        .set({ state, version: sql`${box.version} + 1` })
        .where(eq(box.id, boxId));
    await note(context, 'hold', 'box', boxId, { lineId, sku });
    return boxView(tx, actor, boxId, now);
  },
});

interface Wanted {
  readonly variantId: string;
  readonly askId: string | null;
  readonly locationId?: string | undefined;
}

/** A new line of a box with one unit held for it; refused with who has the last one. */
async function takeLine(
  context: Context,
  row: BoxRecord,
  { variantId, askId, locationId }: Wanted,
): Promise<{ lineId: string; sku: string }> {
  const { tx, actor, now } = context;
  const boxId = row.id;
  if (askId !== null) {
    const [asked] = await tx
      .select({ id: boxAsk.id })
      .from(boxAsk)
      .where(and(eq(boxAsk.id, askId), eq(boxAsk.boxId, boxId)));
    if (!asked) throw invalid([{ path: 'askId', message: 'not an ask of this box' }]);
  }
  await releaseExpired(tx, now, [variantId]);
  const found = await variantOf(tx, actor.shopId, variantId);
  const [place] = await tx
    .select()
    .from(stockBalance)
    .where(
      and(
        eq(stockBalance.variantId, variantId),
        eq(stockBalance.place, 'shelf'),
        gt(stockBalance.qty, 0),
        locationId ? eq(stockBalance.locationId, locationId) : undefined,
      ),
    )
    .orderBy(asc(stockBalance.locationId))
    .limit(1);
  if (!place) throw await soldOut(context, found);
  const [line] = await tx
    .insert(boxLine)
    .values({
      boxId,
      variantId,
      locationId: place.locationId,
      askId,
      fit: await fitInBox(context, row, variantId),
      position: sql`(select count(*) from box_line where box_id = ${boxId})`,
      createdAt: now,
    })
    .returning({ id: boxLine.id });
  if (!line) throw new Error('the line was not made');
  const taken = await takeHold(tx, {
    boxLineId: line.id,
    variantId,
    locationId: place.locationId,
    actorId: actor.id,
    expiresAt: await holdUntil(context, row, await linesOf(tx, boxId)),
  });
  if (!taken) throw await soldOut(context, found);
  return { lineId: line.id, sku: found.variant.sku };
}

/**
 * Another garment, size or location in the place of a line. The new unit is held before the old one goes back, so that
 * a refusal leaves all as it was; looks of the box go on with the new piece, in its usual way.
 */
export const swapLine = serve(swapLineCall, {
  async run(context, { boxId, lineId, variantId, locationId }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isOpen(row.state)) throw conflict(PACKED);
    const before = await lineOf(tx, boxId, lineId);
    // Both ends of the swap at once and in one order: two opposite swaps cannot wait for each other.
    await lockStock(tx, [before.variantId, variantId]);
    const taken = await takeLine(context, row, { variantId, askId: before.askId, locationId });
    await dropLine(context, lineId);
    await tx.update(boxLine).set({ position: before.position }).where(eq(boxLine.id, taken.lineId));
    const same = before.variantId === variantId;
    // The same size from elsewhere is altered all the same; what a tailor was to do to another piece is not.
    if (same)
      await tx.update(alteration).set({ boxLineId: taken.lineId }).where(eq(alteration.boxLineId, lineId));
    const [from, to] = [`line:${lineId}`, `line:${taken.lineId}`];
    const looks = await tx.select().from(look).where(eq(look.boxId, boxId));
    for (const each of looks) {
      if (!each.pieces.some(({ ref }) => ref === from)) continue;
      await tx
        .update(look)
        .set({
          pieces: each.pieces.map((piece) =>
            piece.ref === from ? { ref: to, ...(same ? { mode: piece.mode } : {}) } : piece,
          ),
          stages: each.stages.map((stage) => ({
            ...stage,
            off: stage.off.map((ref) => (ref === from ? to : ref)),
          })),
          version: sql`${look.version} + 1`,
        })
        .where(eq(look.id, each.id));
    }
    await note(context, 'swap', 'box', boxId, { lineId, by: taken.lineId, sku: taken.sku });
    return boxView(tx, actor, boxId, now);
  },
});

export const releaseLine = serve(releaseLineCall, {
  async run(context, { boxId, lineId }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isOpen(row.state)) throw conflict(PACKED);
    const line = await lineOf(tx, boxId, lineId);
    await dropLine(context, line.id);
    await note(context, 'release', 'box', boxId, { lineId });
    return boxView(tx, actor, boxId, now);
  },
});

export const renewHold = serve(renewHoldCall, {
  async run(context, { boxId, lineId }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isOpen(row.state)) throw conflict('This box is packed: its pieces stay with it.');
    const line = await lineOf(tx, boxId, lineId);
    const expiresAt = await holdUntil(context, row, await linesOf(tx, boxId));
    const renewed = await tx
      .update(hold)
      .set({ expiresAt })
      .where(and(eq(hold.boxLineId, lineId), eq(hold.state, 'active')))
      .returning({ id: hold.id });
    if (renewed.length === 0) {
      await releaseExpired(tx, now, [line.variantId]);
      const taken = await takeHold(tx, {
        boxLineId: lineId,
        variantId: line.variantId,
        locationId: line.locationId,
        actorId: actor.id,
        expiresAt,
      });
      if (!taken) {
        const found = await variantOf(tx, actor.shopId, line.variantId);
        throw await soldOut(context, found);
      }
    }
    await note(context, 'renew', 'box', boxId, { lineId });
    return boxView(tx, actor, boxId, now);
  },
});

/** A line leaves its box, and its unit goes back to the shelf. */
async function dropLine({ tx, actor, now }: Context, lineId: string): Promise<void> {
  await releaseHold(tx, lineId, actor.id);
  await tx.update(boxLine).set({ removedAt: now }).where(eq(boxLine.id, lineId));
}

async function variantOf(tx: Writer, shopId: string, id: string) {
  const [found] = await tx
    .select({ variant, garment })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(and(eq(variant.id, id), eq(variant.shopId, shopId)));
  if (!found) throw notFound('That piece');
  return found;
}

export async function lineOf(tx: Writer, boxId: string, lineId: string) {
  const [line] = await tx
    .select()
    .from(boxLine)
    .where(and(eq(boxLine.id, lineId), eq(boxLine.boxId, boxId), isNull(boxLine.removedAt)));
  if (!line) throw notFound('That line');
  return line;
}

/** Who has the last one, and the nearest that is still there. */
async function soldOut(
  { tx, actor }: Context,
  found: { variant: typeof variant.$inferSelect; garment: typeof garment.$inferSelect },
): Promise<Refusal> {
  const [holder] = await tx
    .select({ client: client.name, number: box.number, until: hold.expiresAt })
    .from(hold)
    .innerJoin(boxLine, eq(boxLine.id, hold.boxLineId))
    .innerJoin(box, eq(box.id, boxLine.boxId))
    .innerJoin(client, eq(client.id, box.clientId))
    .where(and(eq(hold.variantId, found.variant.id), eq(hold.state, 'active')))
    .orderBy(asc(hold.expiresAt))
    .limit(1);
  const near = await tx
    .select({ size: variant.size, qty: stockBalance.qty })
    .from(variant)
    .innerJoin(
      stockBalance,
      and(eq(stockBalance.variantId, variant.id), eq(stockBalance.place, 'shelf'), gt(stockBalance.qty, 0)),
    )
    .where(
      and(
        eq(variant.garmentId, found.garment.id),
        ne(variant.id, found.variant.id),
        inArray(variant.shopId, [actor.shopId]),
      ),
    )
    .orderBy(sql`abs(${variant.position} - ${found.variant.position})`)
    .limit(2);
  const who = holder
    ? `Box ${holder.number} for ${holder.client} has it${holder.until ? ` until ${dayIn((await shopOf(tx, actor.shopId)).zone, holder.until)}` : ', packed'}.`
    : 'The last one is sold or with a client.';
  const nearest =
    near.length > 0
      ? ` Nearest on the shelf: ${near.map((each) => `size ${each.size} (${each.qty})`).join(', ')}.`
      : ' No other size is on the shelf.';
  return new Refusal(409, `${found.garment.title}, size ${found.variant.size}, is gone. ${who}${nearest}`, [
    { path: 'variantId', message: `${found.garment.title}, size ${found.variant.size}: sold out` },
  ]);
}
