import type { Category } from '../piece';
import type { English } from '../words';
import { read } from './read';
import type { Reading } from './reading';

/** One thing a brief wants, read from words and open to editing. What nobody understood stands in `unknown`. */
export type Ask = Omit<Reading, 'as' | 'loved' | 'worn' | 'retired' | 'sizes' | 'price'>;

/** Reads an ask in plain words: "boots to wear with my jeans, nothing over 2 inches", "something green but not lime". */
export function readAsk(text: string, english?: English): Ask {
  const { as: _as, ...ask } = read(text, { as: 'ask', english });
  return ask;
}

/** Kinds somebody means as well who names one. Common practice. */
const KIN: { readonly [category in Category]?: readonly Category[] } = { jacket: ['blazer'] };

/** The kinds an ask is looked for among; none: any kind. */
export const kindsWanted = ({ kinds }: Pick<Ask, 'kinds'>): readonly Category[] => [
  ...new Set(kinds.flatMap((kind) => [kind, ...(KIN[kind] ?? [])])),
];

/** Whether the budget reaches an ask, in the order they were asked. */
export interface CarriedAsk {
  readonly ask: Ask;
  /** The cheapest that is in stock, minor units; undefined when nothing is. */
  readonly fromMinor?: number | undefined;
  readonly carried: boolean;
}

/**
 * Which asks a budget can carry: each takes the cheapest piece of its kinds that is in stock, one after the
 * other, until the money is out. Without a budget all are carried.
 */
export function carriedAsks(
  asks: readonly Ask[],
  budgetMinor: number | undefined,
  cheapest: Readonly<Record<string, number>>,
): CarriedAsk[] {
  let left = budgetMinor ?? Infinity;
  return asks.map((ask) => {
    const wanted = kindsWanted(ask);
    const kinds = wanted.length > 0 ? wanted : Object.keys(cheapest);
    const prices = kinds.flatMap((kind) => cheapest[kind] ?? []);
    if (prices.length === 0) return { ask, carried: false };
    const fromMinor = Math.min(...prices);
    const carried = fromMinor <= left;
    if (carried) left -= fromMinor;
    return { ask, fromMinor, carried };
  });
}
