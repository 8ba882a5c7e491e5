import type { ShopPageView } from '@contracts/shop/shop-page-view';
import { amountIn, amountOf } from '@ui/amounts';

export type Terms = ShopPageView['terms'];

/** An empty field of this form library is '', never null. */
const optional = (value: number | null): number | '' => value ?? '';
const numberOf = (field: number | string): number | null => (typeof field === 'number' ? field : null);

/** The terms as the fields of their form show them. */
export const valuesOf = (terms: Terms) => ({
  ...terms,
  taxPercent: terms.taxBp / 100,
  keepAllPercent: terms.keepAllBp / 100,
  fee: amountIn(terms.styleFeeMinor),
  holidays: terms.holidays.join('\n'),
  keepMeasuresMonths: optional(terms.keepMeasuresMonths),
  keepPhotosMonths: optional(terms.keepPhotosMonths),
  keepBoxesMonths: optional(terms.keepBoxesMonths),
  remindDays: optional(terms.remindDays),
  lateReturnDays: optional(terms.lateReturnDays),
  silentKeepDays: optional(terms.silentKeepDays),
  damagePercent: terms.damageShareBp / 100,
});
export type TermValues = ReturnType<typeof valuesOf>;

/** The terms that the fields of the form say. */
export const termsOf = ({
  taxPercent,
  keepAllPercent,
  damagePercent,
  fee,
  holidays,
  ...rest
}: TermValues): Terms => ({
  ...rest,
  taxBp: Math.round(taxPercent * 100),
  keepAllBp: Math.round(keepAllPercent * 100),
  styleFeeMinor: amountOf(fee) ?? 0,
  keepMeasuresMonths: numberOf(rest.keepMeasuresMonths),
  keepPhotosMonths: numberOf(rest.keepPhotosMonths),
  keepBoxesMonths: numberOf(rest.keepBoxesMonths),
  remindDays: numberOf(rest.remindDays),
  lateReturnDays: numberOf(rest.lateReturnDays),
  silentKeepDays: numberOf(rest.silentKeepDays),
  damageShareBp: Math.round(damagePercent * 100),
  holidays: holidays
    .split(/[\s,;]+/)
    .filter(Boolean)
    .sort(),
});

/** Where a fault of the server shows on this form. */
const FIELD: Readonly<Record<string, string>> = {
  taxBp: 'taxPercent',
  keepAllBp: 'keepAllPercent',
  styleFeeMinor: 'fee',
  damageShareBp: 'damagePercent',
};
export const fieldOf = (path: string): string => {
  const [root = ''] = path.split(/[.[]/);
  return FIELD[root] ?? root;
};
