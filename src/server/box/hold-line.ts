import { sizePhrase } from '@core/fit';
import { renewHoldCall } from '@contracts/pull/renew-hold';
import { releaseLineCall } from '@contracts/pull/release-line';
import { swapLineCall } from '@contracts/pull/swap-line';
import { holdLineCall } from '@contracts/pull/hold-line';
import { broughtTo, isOpen } from '@core/box';
import type { Fit } from '@core/fit';
import { findAsk } from '@data/box/asks';
import { type BoxRecord, changeBox } from '@data/box/boxes';
import { addLine, changeLine, linesOf, moveAlterations } from '@data/box/lines';
import { changeLook, looksOf } from '@data/box/looks';
import type { Writer } from '@data/db';
import { releaseExpired, releaseHold, setExpiry, soonestHolder, takeHold } from '@data/stock/holds';
import { lockStock } from '@data/stock/ledger';
import { findSize, nearestSizes, shelfWith } from '@data/stock/sizes';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, invalid, notFound, Refusal } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { holdUntil } from './hold-clock';
import { dressedBox } from './box-view';
import { fitInBox } from './candidates';
import { boxOf, lineOf } from './lines';

const PACKED = 'This box is packed: take a step back before changing what is in it.';

export const holdLine = serve(holdLineCall, {
  async run(context, { boxId, variantId, askId, locationId }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isOpen(row.state)) throw conflict(PACKED);
    const { lineId, sku } = await takeLine(context, row, { variantId, askId, locationId });
    const state = broughtTo(row.state, 'pulling');
    if (state !== row.state) await changeBox(tx, boxId, { state });
    await note(context, 'hold', 'box', boxId, { lineId, sku });
    return dressedBox(tx, actor, boxId, now);
  },
});

interface Wanted {
  readonly variantId: string;
  readonly askId: string | null;
  readonly locationId?: string | undefined;
  /** Until when it is held; null for no clock, the box's own when it is not said. */
  readonly until?: null;
  /** How its size is to sit. */
  readonly effect?: Fit['effect'];
}

/** A new line of a box with one unit held for it; refused with who has the last one. */
export async function takeLine(
  context: Context,
  row: BoxRecord,
  { variantId, askId, locationId, until, effect }: Wanted,
): Promise<{ lineId: string; sku: string; garmentId: string }> {
  const { tx, actor, now } = context;
  const boxId = row.id;
  if (askId !== null && !(await findAsk(tx, boxId, askId)))
    throw invalid([{ path: 'askId', message: 'not an ask of this box' }]);
  await releaseExpired(tx, now, [variantId]);
  const found = await variantOf(tx, actor.shopId, variantId);
  const place = await shelfWith(tx, variantId, locationId);
  if (!place) throw await soldOut(context, found);
  const lineId = await addLine(tx, {
    boxId,
    variantId,
    locationId: place.locationId,
    askId,
    fit: await fitInBox(context, row, variantId, effect),
    createdAt: now,
  });
  const taken = await takeHold(tx, {
    boxLineId: lineId,
    variantId,
    locationId: place.locationId,
    actorId: actor.id,
    expiresAt: until === null ? null : await holdUntil(context, row, await linesOf(tx, boxId)),
  });
  if (!taken) throw await soldOut(context, found);
  return { lineId, sku: found.variant.sku, garmentId: found.garment.id };
}

/**
 * Another garment, size or location in the place of a line. The new unit is held before the old one goes back, so that
 * a refusal leaves all as it was; looks of the box go on with the new piece, in its usual way.
 */
export const swapLine = serve(swapLineCall, {
  async run(context, { boxId, lineId, variantId, locationId, effect }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isOpen(row.state)) throw conflict(PACKED);
    const before = await lineOf(tx, boxId, lineId);
    // The size it is in, meant otherwise: no unit moves.
    if (before.variantId === variantId && locationId === undefined) {
      await changeLine(tx, lineId, { fit: await fitInBox(context, row, variantId, effect) });
      await note(context, 'size for effect', 'box', boxId, { lineId, effect: effect ?? 'as cut' });
      return dressedBox(tx, actor, boxId, now);
    }
    // Both ends of the swap at once and in one order: two opposite swaps cannot wait for each other.
    await lockStock(tx, [before.variantId, variantId]);
    const taken = await takeLine(context, row, { variantId, askId: before.askId, locationId, effect });
    await dropLine(context, lineId);
    await changeLine(tx, taken.lineId, { position: before.position });
    const same = before.variantId === variantId;
    // Another size of it is worn as the first was.
    const isSameGarment =
      same || (await variantOf(tx, actor.shopId, before.variantId)).garment.id === taken.garmentId;
    // The same size from elsewhere is altered all the same; what a tailor was to do to another piece is not.
    if (same) await moveAlterations(tx, lineId, taken.lineId);
    const [from, to] = [`line:${lineId}`, `line:${taken.lineId}`];
    for (const each of await looksOf(tx, boxId)) {
      if (!each.pieces.some(({ ref }) => ref === from)) continue;
      await changeLook(tx, each.id, {
        pieces: each.pieces.map((piece) =>
          piece.ref === from ? { ref: to, ...(isSameGarment ? { mode: piece.mode } : {}) } : piece,
        ),
        stages: each.stages.map((stage) => ({
          ...stage,
          off: stage.off.map((ref) => (ref === from ? to : ref)),
        })),
      });
    }
    await note(context, 'swap', 'box', boxId, { lineId, by: taken.lineId, sku: taken.sku });
    return dressedBox(tx, actor, boxId, now);
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
    return dressedBox(tx, actor, boxId, now);
  },
});

export const renewHold = serve(renewHoldCall, {
  async run(context, { boxId, lineId }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isOpen(row.state)) throw conflict('This box is packed: its pieces stay with it.');
    const line = await lineOf(tx, boxId, lineId);
    const expiresAt = await holdUntil(context, row, await linesOf(tx, boxId));
    if ((await setExpiry(tx, [lineId], expiresAt)) === 0) {
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
    return dressedBox(tx, actor, boxId, now);
  },
});

/** A line leaves its box, and its unit goes back to the shelf. */
async function dropLine({ tx, actor, now }: Context, lineId: string): Promise<void> {
  await releaseHold(tx, lineId, actor.id);
  await changeLine(tx, lineId, { removedAt: now });
}

export async function variantOf(tx: Writer, shopId: string, id: string) {
  const found = await findSize(tx, shopId, id);
  if (!found) throw notFound('That piece');
  return found;
}

/** Who has the last one, and the nearest that is still there. */
async function soldOut(
  { tx, actor }: Context,
  found: Awaited<ReturnType<typeof variantOf>>,
): Promise<Refusal> {
  const holder = await soonestHolder(tx, found.variant.id);
  const near = await nearestSizes(tx, actor.shopId, found.variant, 2);
  const who = holder
    ? `Box ${holder.number} for ${holder.client} has it${holder.until ? ` until ${dayIn((await shopOf(tx, actor.shopId)).zone, holder.until)}` : ', packed'}.`
    : 'The last one is sold or with a client.';
  const nearest =
    near.length > 0
      ? ` Nearest on the shelf: ${near.map((each) => `${sizePhrase(each.size)} (${each.qty})`).join(', ')}.`
      : ' No other size is on the shelf.';
  return new Refusal(
    409,
    `${found.garment.title}, ${sizePhrase(found.variant.size)}, is gone. ${who}${nearest}`,
    [{ path: 'variantId', message: `${found.garment.title}, ${sizePhrase(found.variant.size)}: sold out` }],
  );
}
