import { listed } from '../words';
import type { Minor } from './totals';

/** How a client pays. */
export const PAY_WAYS = ['card', 'cash', 'transfer', 'voucher'] as const;
export type PayWay = (typeof PAY_WAYS)[number];

/** Sums by how each was paid, in words: "by card", "€60.00 by voucher and €20.00 in cash"; nothing where nobody said. */
export function paidWords(
  parts: readonly { readonly way: PayWay | null; readonly amountMinor: Minor }[],
  said: (minor: Minor) => string,
): string {
  const told = parts.filter(({ amountMinor }) => amountMinor > 0);
  const [only] = told;
  if (told.length < 2) return only?.way ? PAY_WORDS[only.way] : '';
  return listed(
    told.map(({ way, amountMinor }) => [said(amountMinor), way && PAY_WORDS[way]].filter(Boolean).join(' ')),
  );
}

/** How a charge was paid, in words: what paid the styling fee alone is left out. */
export const chargedWords = (
  paid: readonly { readonly way: PayWay | null; readonly chargedMinor: Minor }[],
  said: (minor: Minor) => string,
): string =>
  paidWords(
    paid.map(({ way, chargedMinor }) => ({ way, amountMinor: chargedMinor })),
    said,
  );

/** "by card", "in cash" */
export const PAY_WORDS: Readonly<Record<PayWay, string>> = {
  card: 'by card',
  cash: 'in cash',
  transfer: 'by transfer',
  voucher: 'by voucher',
};
