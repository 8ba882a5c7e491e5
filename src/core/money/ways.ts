/** How a client pays. */
export const PAY_WAYS = ['card', 'cash', 'transfer', 'voucher'] as const;
export type PayWay = (typeof PAY_WAYS)[number];

/** "by card", "in cash" */
export const PAY_WORDS: Readonly<Record<PayWay, string>> = {
  card: 'by card',
  cash: 'in cash',
  transfer: 'by transfer',
  voucher: 'by voucher',
};
