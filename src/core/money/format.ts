const known = new Map<string, number>();

/** Decimals that amounts of a currency have: two of euros, none of yen. @throws RangeError for what is no currency code */
export function decimalsOf(currency: string): number {
  const before = known.get(currency);
  if (before !== undefined) return before;
  const { maximumFractionDigits = 2 } = new Intl.NumberFormat('en', {
    style: 'currency',
    currency,
  }).resolvedOptions();
  known.set(currency, maximumFractionDigits);
  return maximumFractionDigits;
}

/** An amount in words of money: `€ 129.00` in the shop's currency and a locale passed in. */
export function money(minor: number, currency: string, locale = 'en-GB'): string {
  return new Intl.NumberFormat(locale, { style: 'currency', currency }).format(
    minor / 10 ** decimalsOf(currency),
  );
}

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
