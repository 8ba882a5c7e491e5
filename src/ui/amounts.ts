import { amountText, parseMoney } from '@core/money';

/** Currency of the shop whose page this is, as its frame says; in the browser only. */
const pageCurrency = (): string =>
  (typeof document === 'undefined' ? undefined : document.documentElement.dataset.currency) ?? 'EUR';

/** Minor units of an amount typed into a field, in the shop's currency; undefined when it is none. */
export const amountOf = (text: string): number | undefined => parseMoney(text, pageCurrency());

/** An amount as a field shows it, in the shop's currency. */
export const amountIn = (minor: number): string => amountText(minor, pageCurrency());
