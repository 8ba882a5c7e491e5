import { randomBytes } from 'node:crypto';
import { issueVoucherCall, voucherCall, type VoucherView } from '@contracts/shop/vouchers';
import { readVoucherCode, voucherCode } from '@core/money';
import { addVoucher, voucherByCode, voucherMovesOf, vouchersOf } from '@data/shop/vouchers';
import type { Reader } from '@data/db';
import { note } from '../audit';
import { notFound } from '../problem';
import { serve } from '../use-case';
import { dayIn, shopOf } from './settings';

/** Vouchers of a shop, newest first, with what each of them paid. */
export async function voucherViews(db: Reader, shopId: string): Promise<VoucherView[]> {
  const { zone } = await shopOf(db, shopId);
  const moves = await voucherMovesOf(db, shopId);
  return (await vouchersOf(db, shopId)).map(({ id, at, ...rest }) => ({
    ...rest,
    day: dayIn(zone, at),
    moves: moves
      .filter(({ voucherId, cause }) => voucherId === id && cause !== 'issue')
      .map(({ cause, amountMinor, at: moved, box }) => ({
        cause,
        amountMinor,
        day: dayIn(zone, moved),
        box: box ?? undefined,
      })),
  }));
}

export const issueVoucher = serve(issueVoucherCall, {
  async run(context, { amountMinor, note: words }) {
    const { tx, actor, now } = context;
    // A code that is there already would be one in two hundred thousand million: the database refuses it, and it is asked for anew.
    const code = voucherCode(randomBytes(8));
    await addVoucher(tx, {
      shopId: actor.shopId,
      code,
      note: words,
      amountMinor,
      actorId: actor.id,
      at: now,
    });
    await note(context, 'issue', 'voucher', code, { amountMinor });
    return { code, vouchers: await voucherViews(tx, actor.shopId) };
  },
});

export const voucher = serve(voucherCall, {
  async run({ tx, actor }, { code }) {
    const read = readVoucherCode(code);
    const found = await voucherByCode(tx, actor.shopId, read);
    if (!found) throw notFound('A voucher of this code');
    return { code: read, balanceMinor: found.balanceMinor };
  },
});
