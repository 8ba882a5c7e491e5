import { askCardCall, playTerminalCall, stopCardCall } from '@contracts/tally/ask-card';
import { type CardState, cardNext, cardStopped, money } from '@core/money';
import { addCardSum, cardSumOf, type CardSumRow, openCardSum, setCardState } from '@data/box/card-sums';
import { changeBox } from '@data/box/boxes';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, notFound } from '../problem';
import { serve } from '../use-case';
import { talliedBox } from './box-view';
import { boxOf } from './lines';
import { byVoucherFirst, readyToClose } from './settle';

/*
 * The terminal is only played: what a card does is pressed on the screen. The row of a sum stands for the terminal's own memory of it,
 * so that a page loaded anew, a second tab or a server that was started again finds what became of it.
 */

export const askCard = serve(askCardCall, {
  async run(context, { boxId, version, voucher }) {
    const { tx, actor, now } = context;
    const { shop, total } = await readyToClose(context, boxId, version);
    const { dueMinor } = total;
    if (shop.terminal === 'none') throw conflict('This shop has no terminal: how it was paid is noted.');
    const { id: voucherId, rest } = await byVoucherFirst(context, { dueMinor, voucher });
    if (rest <= 0) throw conflict('Nothing is left to pay by card.');
    const open = await openCardSum(tx, boxId, true);
    if (open && open.amountMinor !== rest)
      throw conflict(
        `The terminal ${open.state === 'asked' ? 'is still asking for' : 'has charged'} ${money(open.amountMinor, shop.currency)}. Stop it first.`,
      );
    if (!open) {
      const id = await addCardSum(tx, { boxId, amountMinor: rest, voucherId, actorId: actor.id, at: now });
      await changeBox(tx, boxId, {});
      await note(context, 'ask card', 'card_sum', id, { boxId, amountMinor: rest });
    }
    return talliedBox(tx, actor, boxId, now);
  },
});

/** Takes a sum a step on; the same step again changes nothing. @throws Refusal 409 where it comes too late */
async function step(context: Context, boxId: string, sum: CardSumRow, to: CardState): Promise<void> {
  const { tx } = context;
  const next = cardNext(sum.state, to);
  if (next === undefined) throw conflict(TOO_LATE[sum.state]);
  if (next === sum.state) return;
  await setCardState(tx, sum.id, next);
  await changeBox(tx, boxId, {});
  await note(context, `card ${next}`, 'card_sum', sum.id, { boxId, amountMinor: sum.amountMinor });
}

const TOO_LATE: Readonly<Record<CardState, string>> = {
  asked: 'The terminal is still asking.',
  approved: 'The card was charged already.',
  declined: 'The card was declined; nothing was charged.',
  cancelled: 'This was stopped before the card was charged; nothing was charged.',
  used: 'The card was charged, and the box is closed with it.',
  'given back': 'The card was charged, and the money given back.',
};

async function sumOf({ tx, actor }: Context, boxId: string, cardId: string): Promise<CardSumRow> {
  await boxOf(tx, actor.shopId, boxId, true);
  const sum = await cardSumOf(tx, boxId, cardId);
  if (!sum) throw notFound('That sum');
  return sum;
}

export const stopCard = serve(stopCardCall, {
  async run(context, { boxId, cardId }) {
    const sum = await sumOf(context, boxId, cardId);
    const to = cardStopped(sum.state);
    if (to) await step(context, boxId, sum, to);
    else if (sum.state === 'used') throw conflict(TOO_LATE.used);
    return talliedBox(context.tx, context.actor, boxId, context.now);
  },
});

export const playTerminal = serve(playTerminalCall, {
  async run(context, { boxId, cardId, as }) {
    await step(context, boxId, await sumOf(context, boxId, cardId), as);
    return talliedBox(context.tx, context.actor, boxId, context.now);
  },
});
