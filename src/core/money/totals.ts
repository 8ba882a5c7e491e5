import type { Decision } from '@core/box';

/** Amounts are whole minor units (cents) of the shop's one currency. */
export type Minor = number;
export const ROUNDINGS = ['half-up', 'half-even'] as const;
export type Rounding = (typeof ROUNDINGS)[number];
export const PROMOTION_KINDS = ['percent', 'amount'] as const;
export type PromotionKind = (typeof PROMOTION_KINDS)[number];

/** Rounds to a whole minor unit, symmetric for negatives: −10.5 becomes −11 half-up, −10 half-even. */
export function roundMinor(value: number, how: Rounding = 'half-up'): Minor {
  const size = Math.abs(value);
  const floor = Math.floor(size);
  const rest = size - floor;
  const tie = Math.abs(rest - 0.5) < 1e-9;
  const up = tie ? how === 'half-up' || floor % 2 === 1 : rest > 0.5;
  const whole = up ? floor + 1 : floor;
  return value < 0 && whole !== 0 ? -whole : whole;
}

/**
 * Spreads a whole amount over weights by largest remainder: the parts add up to the whole, to the cent.
 * Ties go to the earlier part. With no weight at all everything goes to the first.
 */
export function spread(total: Minor, weights: readonly number[]): Minor[] {
  const sum = weights.reduce((a, b) => a + b, 0);
  if (weights.length === 0) return [];
  if (sum <= 0) return weights.map((_, i) => (i === 0 ? total : 0));
  const sign = total < 0 ? -1 : 1;
  const size = Math.abs(total);
  const exact = weights.map((weight) => (size * weight) / sum);
  const parts = exact.map(Math.floor);
  let left = size - parts.reduce((a, b) => a + b, 0);
  const order = exact
    .map((value, i) => ({ i, rest: value - Math.floor(value) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of order) {
    if (left <= 0) break;
    parts[i] = (parts[i] ?? 0) + 1;
    left--;
  }
  return parts.map((part) => (part === 0 ? 0 : sign * part));
}

export interface MoneyLine {
  readonly id: string;
  readonly priceMinor: Minor;
  readonly alterationMinor: Minor;
  /** Tax rate in basis points: 2000 is 20 %. */
  readonly taxBp: number;
  readonly decision: Decision;
}

/** Promotion in force when the box went out. */
export interface Promotion {
  readonly code: string;
  readonly kind: PromotionKind;
  /** Percent in basis points, or an amount in minor units. */
  readonly value: number;
  /** Line ids it applies to; absent: all kept lines. */
  readonly scope?: readonly string[] | undefined;
}

export interface MoneyTerms {
  readonly promotions: readonly Promotion[];
  /** Off the kept lines when every line is kept, basis points. */
  readonly keepAllBp: number;
  /** The last day on which it is given; absent: it has none. */
  readonly keepAllUntil?: string | undefined;
  readonly styleFeeMinor: Minor;
  /** The fee goes back where nothing of the box reached its client; absent: it does. */
  readonly lostFeeBack?: boolean | undefined;
  readonly taxIncluded: boolean;
  readonly rounding: Rounding;
}

/** Terms as they are on a day: the keep-all rate is over once its last day is. */
export const termsOn = (terms: MoneyTerms, day: string): MoneyTerms =>
  terms.keepAllUntil !== undefined && day > terms.keepAllUntil ? { ...terms, keepAllBp: 0 } : terms;

export interface LineTotal {
  readonly id: string;
  readonly grossMinor: Minor;
  readonly discountMinor: Minor;
  /** What the client pays for the line, tax included: the amount a later return gives back. */
  readonly netMinor: Minor;
  readonly taxMinor: Minor;
}

export interface BoxTotal {
  readonly lines: readonly LineTotal[];
  /** Each step shown, in order; the steps add up to `dueMinor`. */
  readonly steps: readonly { readonly label: string; readonly minor: Minor }[];
  readonly keptAll: boolean;
  readonly netMinor: Minor;
  readonly taxMinor: Minor;
  readonly creditMinor: Minor;
  /** Fee that stays with the shop: what the credit did not use. */
  readonly feeKeptMinor: Minor;
  /** To charge now, below nothing what goes back; the fee was paid when the box went out. */
  readonly dueMinor: Minor;
}

/**
 * What a box comes to: kept lines with their alterations, then promotions, the keep-all rate, tax, and
 * last the credit for the styling fee, up to what is kept, or all of it where the fee goes back. An exchange counts as kept.
 */
export function boxTotal(lines: readonly MoneyLine[], terms: MoneyTerms, nothingArrived = false): BoxTotal {
  const feeBack = nothingArrived && terms.lostFeeBack !== false;
  const kept = lines.filter((line) => line.decision === 'keep' || line.decision === 'exchange');
  const keptAll = lines.length > 0 && kept.length === lines.length;
  const gross = kept.map((line) => line.priceMinor + line.alterationMinor);
  const open = [...gross];
  const steps: { label: string; minor: Minor }[] = [{ label: 'Kept', minor: add(gross) }];
  for (const promotion of terms.promotions) {
    const within = kept.map((line, i) =>
      promotion.scope && !promotion.scope.includes(line.id) ? 0 : (open[i] ?? 0),
    );
    const base = add(within);
    const whole =
      promotion.kind === 'percent'
        ? roundMinor((base * promotion.value) / 10_000, terms.rounding)
        : Math.min(base, promotion.value);
    take(open, spread(whole, within));
    if (whole > 0) steps.push({ label: `Promotion ${promotion.code}`, minor: -whole });
  }
  if (keptAll && terms.keepAllBp > 0) {
    const whole = roundMinor((add(open) * terms.keepAllBp) / 10_000, terms.rounding);
    take(open, spread(whole, open));
    steps.push({ label: 'Keep-all rate', minor: -whole });
  }
  const totals = kept.map((line, i): LineTotal => {
    const rest = open[i] ?? 0;
    const taxMinor = terms.taxIncluded
      ? roundMinor((rest * line.taxBp) / (10_000 + line.taxBp), terms.rounding)
      : roundMinor((rest * line.taxBp) / 10_000, terms.rounding);
    const grossMinor = gross[i] ?? 0;
    return {
      id: line.id,
      grossMinor,
      discountMinor: grossMinor - rest,
      netMinor: terms.taxIncluded ? rest : rest + taxMinor,
      taxMinor,
    };
  });
  const taxMinor = add(totals.map((line) => line.taxMinor));
  if (!terms.taxIncluded && taxMinor > 0) steps.push({ label: 'Tax', minor: taxMinor });
  const netMinor = add(totals.map((line) => line.netMinor));
  const creditMinor = feeBack ? terms.styleFeeMinor : Math.min(terms.styleFeeMinor, netMinor);
  if (creditMinor > 0)
    steps.push({ label: feeBack ? 'Styling fee given back' : 'Styling fee credit', minor: -creditMinor });
  return {
    lines: totals,
    steps,
    keptAll,
    netMinor,
    taxMinor,
    creditMinor,
    feeKeptMinor: terms.styleFeeMinor - creditMinor,
    dueMinor: netMinor - creditMinor,
  };
}

const add = (amounts: readonly Minor[]): Minor => amounts.reduce((sum, amount) => sum + amount, 0);
const take = (from: Minor[], parts: readonly Minor[]): void =>
  parts.forEach((part, i) => void (from[i] = (from[i] ?? 0) - part));
