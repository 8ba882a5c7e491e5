import type { Minor } from './totals';

/** Why a voucher's balance moved. */
export const VOUCHER_CAUSES = ['issue', 'spend', 'refund'] as const;
export type VoucherCause = (typeof VOUCHER_CAUSES)[number];

/** Signs of a code: none that is taken for another one when it is read aloud or copied by hand. */
const SIGNS = 'ACDEFGHJKLMNPQRTUVWXY34679';
const LENGTH = 8;

/** A voucher's code out of random bytes, eight at least: `H7KQ-3MXD`. */
export const voucherCode = (bytes: Uint8Array): string =>
  [...bytes.slice(0, LENGTH)]
    .map((byte, i) => `${i === LENGTH / 2 ? '-' : ''}${SIGNS[byte % SIGNS.length]}`)
    .join('');

/** A code as people type it, written as it is kept: `h7kq 3mxd` is `H7KQ-3MXD`. */
export function readVoucherCode(text: string): string {
  const signs = text.toUpperCase().replace(/[^A-Z0-9]/g, '');
  return signs.length === LENGTH ? `${signs.slice(0, LENGTH / 2)}-${signs.slice(LENGTH / 2)}` : signs;
}

/** What of a sum a voucher pays, and what is left to pay otherwise. */
export function payByVoucher(dueMinor: Minor, balanceMinor: Minor): { byVoucher: Minor; rest: Minor } {
  const byVoucher = Math.max(0, Math.min(dueMinor, balanceMinor));
  return { byVoucher, rest: Math.max(0, dueMinor) - byVoucher };
}
