import { memoNamed } from '../memo';

// A formatter costs a hundred times what it is then asked; a page of prices asks sixty times for one.
const formats = memoNamed((locale) =>
  memoNamed((currency) => new Intl.NumberFormat(locale, { style: 'currency', currency })),
);

/** Decimals that amounts of a currency have: two of euros, none of yen. @throws RangeError for what is no currency code */
export const decimalsOf: (currency: string) => number = memoNamed(
  (currency) => formats('en')(currency).resolvedOptions().maximumFractionDigits ?? 2,
);

/** An amount in words of money: `€ 129.00` in the shop's currency and a locale passed in. */
export const money = (minor: number, currency: string, locale = 'en-GB'): string =>
  formats(locale)(currency).format(minor / 10 ** decimalsOf(currency));

/** The same as somebody types it into a field: `129.00`, of yen `129`; `parseMoney` reads it back. */
export function amountText(minor: number, currency: string): string {
  const decimals = decimalsOf(currency);
  return (minor / 10 ** decimals).toFixed(decimals);
}

/**
 * Minor units of an amount typed by a person (`129`, `129.5`, `129,50`), or undefined when it is none, or has more decimals
 * than its currency.
 */
export function parseMoney(text: string, currency: string): number | undefined {
  const decimals = decimalsOf(currency);
  const [, minus, whole, part = ''] = /^\s*(-?)(\d{1,9})(?:[.,](\d+))?\s*$/.exec(text) ?? [];
  if (whole === undefined || part.length > decimals) return undefined;
  const minor = Number(whole) * 10 ** decimals + Number(part.padEnd(decimals, '0') || 0);
  return minus ? -minor : minor;
}
