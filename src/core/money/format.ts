/** An amount in words of money: `€ 129.00` in the shop's currency and a locale passed in. */
export function money(minor: number, currency: string, locale = 'en-GB'): string {
  return new Intl.NumberFormat(locale, { style: 'currency', currency }).format(minor / 100);
}

/** Minor units of an amount typed by a person (`129`, `129.5`, `129,50`), or undefined when it is none. */
export function parseMoney(text: string): number | undefined {
  const match = /^\s*(-?)(\d{1,9})(?:[.,](\d{1,2}))?\s*$/.exec(text);
  if (!match) return undefined;
  const minor = Number(match[2]) * 100 + Number((match[3] ?? '').padEnd(2, '0') || 0);
  return match[1] ? -minor : minor;
}
