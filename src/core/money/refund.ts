import type { Minor } from './totals';
import type { PayWay } from './ways';

/** What was paid one way, and what of it went back already. */
export interface Paid {
  /** Null: taken before anybody was asked. */
  readonly way: PayWay | null;
  /** The voucher that paid; null for money. */
  readonly voucherId: string | null;
  readonly paidMinor: Minor;
  readonly backMinor: Minor;
}

export interface RefundPart extends Pick<Paid, 'way' | 'voucherId'> {
  readonly amountMinor: Minor;
}

/**
 * How a sum goes back the way it was paid: money before vouchers, in the order given, and never more by a way than it brought.
 * @throws RangeError when more is to go back than is left
 */
export function refundParts(paid: readonly Paid[], amountMinor: Minor): RefundPart[] {
  const ordered = [
    ...paid.filter(({ voucherId }) => voucherId === null),
    ...paid.filter(({ voucherId }) => voucherId !== null),
  ];
  let left = amountMinor;
  const parts = ordered.flatMap(({ way, voucherId, paidMinor, backMinor }): RefundPart[] => {
    const part = Math.min(left, paidMinor - backMinor);
    if (part <= 0) return [];
    left -= part;
    return [{ way, voucherId, amountMinor: part }];
  });
  if (left > 0 || amountMinor < 0)
    throw new RangeError(`${amountMinor} cannot go back: ${left} was never paid`);
  return parts;
}
