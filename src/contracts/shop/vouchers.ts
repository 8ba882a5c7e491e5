import type { VoucherCause } from '@core/money';
import { z } from 'zod';
import { answers, defineCall, OWNER, STYLING } from '../call';
import { text } from '../fields';

export interface VoucherView {
  readonly code: string;
  readonly note: string;
  readonly day: string;
  readonly issuedMinor: number;
  readonly balanceMinor: number;
  /** What it paid, and what went back to it, in that order. */
  readonly moves: readonly {
    readonly cause: VoucherCause;
    readonly amountMinor: number;
    readonly day: string;
    readonly box?: number | undefined;
  }[];
}

/** A new voucher; its code is made by the shop, for nobody to guess. */
export const issueVoucherCall = defineCall({
  name: 'issue-voucher',
  roles: OWNER,
  writes: true,
  input: z.strictObject({
    amountMinor: z
      .number({ error: 'not an amount' })
      .int('an amount of this currency')
      .min(1, 'more than nothing')
      .max(100_000_000, 'more than a voucher holds'),
    note: text(200).default(''),
  }),
  answer: answers<{ readonly code: string; readonly vouchers: readonly VoucherView[] }>(),
});

/** What is left on a voucher, before anything is paid with it. */
export const voucherCall = defineCall({
  name: 'voucher',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ code: text(20).min(1, 'no code was given') }),
  answer: answers<{ readonly code: string; readonly balanceMinor: number }>(),
});
