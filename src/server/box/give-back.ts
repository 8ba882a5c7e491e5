import { refundParts } from '@core/money';
import { addPayment, paidBy } from '@data/box/payments';
import { moveVoucher } from '@data/shop/vouchers';
import type { Context } from '../context';

/** Gives a sum of a box back the way it was paid: money first, and what a voucher paid onto the voucher. */
export async function giveBack({ tx, actor, now }: Context, boxId: string, sumMinor: number): Promise<void> {
  for (const { way, voucherId, amountMinor } of refundParts(await paidBy(tx, boxId), sumMinor)) {
    if (voucherId)
      await moveVoucher(tx, { voucherId, cause: 'refund', amountMinor, boxId, actorId: actor.id, at: now });
    await addPayment(tx, { boxId, kind: 'refund', way, voucherId, amountMinor, at: now, actorId: actor.id });
  }
}
