/** GS1 check digit of the first 12 digits of an EAN-13. Source: GS1 General Specifications, 7.9. */
export function eanCheckDigit(first12: string): number {
  if (!/^\d{12}$/.test(first12)) throw new RangeError('eanCheckDigit: 12 digits wanted');
  const sum = [...first12].reduce((total, digit, i) => total + Number(digit) * (i % 2 === 0 ? 1 : 3), 0);
  return (10 - (sum % 10)) % 10;
}

export const isEan13 = (text: string): boolean =>
  /^\d{13}$/.test(text) && eanCheckDigit(text.slice(0, 12)) === Number(text[12]);

/** An EAN-13 for use inside a shop: prefix 20 to 29 is kept for that by GS1. */
export function shopEan(number: number): string {
  const first12 = `20${String(number).padStart(10, '0')}`;
  return `${first12}${eanCheckDigit(first12)}`;
}
