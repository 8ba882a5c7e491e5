import { mayMove } from '@core/box';
import { money, payByVoucher, type PayWay, readVoucherCode } from '@core/money';
import { openCardSum, setCardState } from '@data/box/card-sums';
import { linesOf } from '@data/box/lines';
import { addPayment } from '@data/box/payments';
import { moveVoucher, voucherByCode } from '@data/shop/vouchers';
import type { ShopRow } from '@data/shop/shops';
import type { Context } from '../context';
import { conflict, invalid, Refusal, stale } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { giveBack } from './give-back';
import { boxOf } from './lines';
import { termsOf, totalOf } from './money';
import { factsOf } from './move-box';

/** A box that may be closed, locked, and what it comes to. @throws Refusal 409 for one that was changed since, or is not decided */
export async function readyToClose({ tx, actor, now }: Context, boxId: string, version: number) {
  const row = await boxOf(tx, actor.shopId, boxId, true);
  if (row.version !== version)
    throw stale([{ path: 'lines', message: 'a decision was changed; the sum may be another one' }]);
  const lines = await linesOf(tx, boxId);
  const allowed = mayMove(row.state, 'closed', factsOf(row, lines));
  if (!allowed.ok) throw new Refusal(409, allowed.faults[0]?.message ?? 'Not yet.', allowed.faults);
  const shop = await shopOf(tx, actor.shopId);
  const total = totalOf(lines, await termsOf(tx, row, shop, dayIn(shop.zone, now)), shop);
  return { row, lines, shop, total };
}

interface Due {
  readonly boxId: string;
  readonly shop: ShopRow;
  readonly dueMinor: number;
  readonly way: PayWay;
  /** Code of the voucher that pays first; empty: none. */
  readonly voucher: string;
}

/** What a voucher pays of a sum, and what is left; the voucher is locked. @throws Refusal 422 for one that cannot pay */
export async function byVoucherFirst(
  { tx, actor }: Context,
  { dueMinor, voucher }: Pick<Due, 'dueMinor' | 'voucher'>,
): Promise<{ readonly id?: string; readonly byVoucher: number; readonly rest: number }> {
  if (voucher === '') return { byVoucher: 0, rest: Math.max(0, dueMinor) };
  const found = await voucherByCode(tx, actor.shopId, readVoucherCode(voucher), true);
  if (!found) throw invalid([{ path: 'voucher', message: 'there is no voucher of this code' }]);
  if (found.balanceMinor <= 0) throw invalid([{ path: 'voucher', message: 'nothing is left on it' }]);
  return { id: found.id, ...payByVoucher(dueMinor, found.balanceMinor) };
}

/**
 * Takes what a box comes to, once: a voucher first where there is one, the rest by card, in cash or by transfer. Where the shop has a
 * terminal, a card pays what the terminal approved and nothing else. A sum below nothing goes back.
 * @throws Refusal 409 while a card is charged for something else, or was not charged; 422 for a voucher that cannot pay
 */
export async function settle(context: Context, { boxId, shop, dueMinor, way, voucher }: Due): Promise<void> {
  const { tx, actor, now } = context;
  const { id: voucherId, byVoucher, rest } = await byVoucherFirst(context, { dueMinor, voucher });
  const said = (minor: number): string => money(minor, shop.currency);
  if (way === 'voucher' && rest > 0)
    throw invalid([
      voucherId
        ? { path: 'way', message: `${said(rest)} is left to pay: in cash, by card or by transfer?` }
        : { path: 'voucher', message: 'the code of the voucher is missing' },
    ]);
  const card = await openCardSum(tx, boxId, true);
  const byCard = rest > 0 && way === 'card' && shop.terminal !== 'none';
  if (card && !(byCard && card.state === 'approved' && card.amountMinor === rest))
    throw conflict(
      card.state === 'approved'
        ? `The card was charged ${said(card.amountMinor)}, but ${said(rest)} is due${way === 'card' ? '' : ' another way'} now. Give that money back first.`
        : `The terminal is still asking for ${said(card.amountMinor)}. Stop it first.`,
    );
  if (byCard && !card)
    throw conflict(`The card was not charged yet: ask the terminal for ${said(rest)} first.`);
  const taken = { boxId, kind: 'charge', at: now, actorId: actor.id } as const;
  if (voucherId && byVoucher > 0) {
    await moveVoucher(tx, {
      voucherId,
      cause: 'spend',
      amountMinor: -byVoucher,
      boxId,
      actorId: actor.id,
      at: now,
    });
    await addPayment(tx, { ...taken, way: 'voucher', voucherId, amountMinor: byVoucher });
  }
  if (dueMinor < 0) await giveBack(context, boxId, -dueMinor);
  if (rest <= 0) return;
  if (card) await setCardState(tx, card.id, 'used');
  await addPayment(tx, { ...taken, way, cardId: card?.id, amountMinor: rest });
}
