import { type ExchangeOffer, exchangeLineCall, exchangeOffersCall } from '@contracts/tally/exchange-line';
import { sendParcelCall } from '@contracts/out/send-parcel';
import type { Parsed } from '@contracts/calls';
import { type Decider, hasLeft, mayTally } from '@core/box';
import { isRefused, guardWords } from '@core/guard';
import { saysSize } from '@core/learn';
import { sizeWords } from '@core/stock';
import type { Reader } from '@data/db';
import { type BoxRecord, changeBox } from '@data/box/boxes';
import { alterationsOf, changeLine, type LineRow, linesOf } from '@data/box/lines';
import { pieceOfGarment } from '@data/pieces';
import { releaseExpired, releaseHold } from '@data/stock/holds';
import { styleSizes } from '@data/stock/sizes';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, invalid, notFound, Refusal, stale } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { dressedBox } from './box-view';
import { fitInBox } from './candidates';
import { guardFaults, guardOfBox } from './guard';
import { takeLine } from './hold-line';
import { boxOf, lineOf, mayReturn, waitsForParcel } from './lines';
import { daysOf, shipLines } from './move-box';
import { viewFor } from './pack-view';

/** Sizes, lengths and colours of the style of a line, but for the one that was sent; what a colour costs today. */
export async function sistersOf(db: Reader, shopId: string, line: LineRow) {
  const all = await styleSizes(db, shopId, line.variantId);
  const own = all.find(({ variant }) => variant.id === line.variantId);
  return all
    .filter(({ variant }) => variant.id !== line.variantId)
    .map((each) => {
      const isSameColour = each.garment.id === own?.garment.id;
      return {
        ...each,
        isSameColour,
        // The same garment costs what it did when it was sent.
        priceMinor: isSameColour ? (line.priceMinor ?? each.garment.priceMinor) : each.garment.priceMinor,
      };
    });
}

export const exchangeOffers = serve(exchangeOffersCall, {
  async run(context, { boxId, lineId }) {
    const { tx, actor } = context;
    const row = await boxOf(tx, actor.shopId, boxId);
    const line = await lineOf(tx, boxId, lineId);
    await releaseExpired(tx, context.now);
    const offers: ExchangeOffer[] = [];
    for (const { variant, garment, there, isSameColour, priceMinor } of await sistersOf(
      tx,
      actor.shopId,
      line,
    ))
      offers.push({
        variantId: variant.id,
        piece: { ...pieceOfGarment(garment, variant, `size:${variant.id}`), priceMinor },
        size: sizeWords(variant),
        priceMinor,
        fit: await fitInBox(context, row, variant.id),
        there,
        isSameColour,
      });
    return offers;
  },
});

interface Asked extends Pick<
  Parsed<'exchange-line'>,
  'boxId' | 'lineId' | 'variantId' | 'reason' | 'fitPoint' | 'note'
> {
  readonly by: Decider;
}

/**
 * Another size, length or colour for a piece that was sent: held at once, on no clock, for a parcel of its own; the piece
 * that was sent comes back. Of what the client is allergic to or never wears nothing is held.
 * @throws Refusal 409 for a piece that stays, or when the other one is gone
 */
export async function exchange(context: Context, row: BoxRecord, asked: Asked): Promise<void> {
  const { tx } = context;
  const { boxId, lineId, variantId, reason, by } = asked;
  const line = await lineOf(tx, boxId, lineId);
  if (waitsForParcel({ line }))
    throw conflict('This one has not been sent yet: take the exchange back first.');
  if (line.decision === 'exchange') throw conflict('This piece is being exchanged already.');
  if (line.lostAt) throw conflict('This piece is lost. Say first that it turned up.');
  if (!mayReturn(await alterationsOf(tx, [lineId])))
    throw conflict('This piece was altered for this client and stays with them.');
  const sister = (await sistersOf(tx, row.shopId, line)).find(({ variant }) => variant.id === variantId);
  if (!sister)
    throw invalid([
      { path: 'variantId', message: 'an exchange is for another size or colour of the same style' },
    ]);
  const taken = await takeLine(context, row, { variantId, askId: line.askId, until: null });
  const { garment } = sister;
  const shop = await shopOf(tx, row.shopId);
  await changeLine(tx, taken.lineId, {
    exchangeOf: lineId,
    position: line.position,
    priceMinor: sister.priceMinor,
    taxBp: garment.taxBp ?? shop.taxBp,
  });
  const standing = (await guardOfBox(tx, row, await linesOf(tx, boxId))).get(taken.lineId) ?? [];
  const [refused] = standing.filter(isRefused);
  if (refused) throw conflict(`${garment.title}: ${guardWords(refused)}`);
  await changeLine(tx, lineId, {
    decision: 'exchange',
    decidedBy: by,
    reason,
    fitPoint: reason && saysSize(reason) ? asked.fitPoint : null,
    note: asked.note,
  });
  await note(context, 'exchange', 'box_line', lineId, { boxId, reason, by, sku: taken.sku });
}

/** An exchange that is not wanted any more: the other one goes back to the shelf. @throws Refusal 409 once it is sent */
export async function takeExchangeBack({ tx, actor, now }: Context, line: LineRow): Promise<void> {
  const other = (await linesOf(tx, line.boxId)).find((each) => each.line.exchangeOf === line.id);
  if (!other) return;
  if (!waitsForParcel(other))
    throw conflict(`${other.garment.title} in ${sizeWords(other.variant)} has been sent already.`);
  await releaseHold(tx, other.line.id, actor.id);
  await changeLine(tx, other.line.id, { removedAt: now });
}

export const exchangeLine = serve(exchangeLineCall, {
  async run(context, asked) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, asked.boxId, true);
    if (!mayTally(row.state)) throw conflict('An exchange is for a box that is with its client.');
    await exchange(context, row, { ...asked, by: 'shop' });
    await changeBox(tx, asked.boxId, { state: 'tallying' });
    return dressedBox(tx, actor, asked.boxId, now);
  },
});

export const sendParcel = serve(sendParcelCall, {
  async run(context, { boxId, version, tracking }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (row.version !== version) throw stale([{ path: 'lines', message: 'a decision was changed' }]);
    if (!hasLeft(row.state)) throw notFound('A parcel of this box');
    const lines = await linesOf(tx, boxId);
    const waiting = lines.filter(waitsForParcel);
    if (waiting.length === 0) throw conflict('Nothing of this box waits for a parcel.');
    // Where the deed is done: what stands between a piece and its client keeps this parcel here too.
    const faults = (await guardFaults(tx, actor, row, lines)).filter(({ path }) =>
      waiting.some((record) => path === `lines[${lines.indexOf(record)}]`),
    );
    if (faults.length > 0) throw new Refusal(409, faults[0]?.message ?? 'Not yet.', faults);
    const shop = await shopOf(tx, actor.shopId);
    await shipLines(context, { row, shop, lines: waiting, tracking });
    // Whoever got another size has as long for it as for the first.
    const days = daysOf(shop, dayIn(shop.zone, now));
    await changeBox(tx, boxId, {
      decideBy: later(row.decideBy, days.decideBy),
      returnBy: later(row.returnBy, days.returnBy),
    });
    await note(context, 'send parcel', 'box', boxId, { pieces: waiting.length });
    return viewFor(tx, actor, boxId, now, dressedBox);
  },
});

const later = (a: string | null, b: string): string => (a !== null && a > b ? a : b);
