import type { FitPoint } from '@core/fit';
import { type ChanceFeature, LEDGER_BY, type LedgerBy, type Reliability, UNMET_BY } from '@core/ledger';
import type { Tongue } from '@core/words';
import { RETURN_REASONS } from '@core/box';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { text } from '../fields';
import { days } from './days';

const scope = { by: z.enum(LEDGER_BY).default('kind'), ...days };

/** Decided pieces of a group, with the rate that is likely behind them. */
export interface LedgerRow {
  readonly key: string;
  readonly name: string;
  readonly sent: number;
  readonly kept: number;
  readonly sentMinor: number;
  readonly keptMinor: number;
  /** Shrunk towards the shop's mean, with the bounds that hold nine times of ten; 0 to 1. */
  readonly rate: number;
  readonly low: number;
  readonly high: number;
}

export interface LedgerView {
  readonly by: LedgerBy;
  readonly currency: string;
  readonly rows: readonly LedgerRow[];
  readonly all: {
    readonly sent: number;
    readonly kept: number;
    readonly sentMinor: number;
    readonly keptMinor: number;
  };
  /** The shop's mean, and the pieces it is worth beside a group's own. */
  readonly mean: number;
  readonly pieces: number;
  readonly reasons: readonly { readonly reason: string | null; readonly count: number }[];
  /** With clients now, and of it what should have been back; beyond their cost, what so many of the kept pieces brought. */
  readonly money: {
    readonly outMinor: number;
    readonly lateMinor: number;
    readonly marginMinor: number;
    readonly costed: number;
    readonly kept: number;
  };
  readonly boxes: number;
  /** Median days from brief to parcel, and from parcel to tally. */
  readonly daysToOut: number | null;
  readonly daysToTally: number | null;
}

export const ledgerCall = defineCall({
  name: 'ledger',
  roles: STYLING,
  writes: false,
  input: z.strictObject(scope),
  answer: answers<LedgerView>(),
});

/** A piece behind a bar. */
export interface LedgerLine {
  readonly boxId: string;
  readonly number: number;
  readonly client: string;
  readonly title: string;
  readonly size: string;
  readonly priceMinor: number;
  readonly kept: boolean;
  readonly reason: string | null;
  readonly day: string;
}

export const ledgerLinesCall = defineCall({
  name: 'ledger-lines',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ ...scope, key: text(200) }),
  answer: answers<{ readonly lines: readonly LedgerLine[] }>(),
});

/** The pieces that came back for one reason; null: not said. */
export const ledgerBackCall = defineCall({
  name: 'ledger-back',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ ...days, reason: z.enum(RETURN_REASONS).nullable() }),
  answer: answers<{ readonly lines: readonly LedgerLine[] }>(),
});

/** A garment sent often: kept every time, or never. */
export interface OftenSent {
  readonly garmentId: string;
  readonly title: string;
  readonly sent: number;
  readonly kept: number;
  readonly shelf: number;
}

/** Asks that were not met, and what they would have been worth. */
export interface Unmet {
  readonly key: string;
  readonly count: number;
  readonly worthMinor: number | null;
}

/** What a buyer asks of the past. */
export interface BuyerView {
  readonly currency: string;
  readonly unmet: readonly (Unmet & { readonly name: string })[];
  readonly never: readonly OftenSent[];
  readonly always: readonly OftenSent[];
  readonly sizes: readonly { readonly size: string; readonly sent: number; readonly shelf: number }[];
  readonly ages: readonly { readonly days: string; readonly units: number; readonly worthMinor: number }[];
}

export const ledgerBuyerCall = defineCall({
  name: 'ledger-buyer',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ ...days, unmetBy: z.enum(UNMET_BY).default('words') }),
  answer: answers<BuyerView>(),
});

/** A garment that hangs here and fits nobody whose measures or sizes are known. */
export interface FitsNobody {
  readonly garmentId: string;
  readonly title: string;
  readonly sizes: string;
  readonly units: number;
  readonly worthMinor: number;
}

export const ledgerFitsNobodyCall = defineCall({
  name: 'ledger-fits-nobody',
  roles: STYLING,
  writes: false,
  input: z.strictObject({}),
  answer: answers<{
    readonly garments: readonly FitsNobody[];
    readonly clients: number;
    readonly currency: string;
  }>(),
});

/** What decisions taught of the sizes of a label, kind by kind. */
export interface LabelSizes {
  readonly label: string;
  readonly kind: string;
  /** In sizes, below 0 it runs small; with the decisions behind it. */
  readonly points: readonly { readonly point: FitPoint; readonly steps: number; readonly count: number }[];
  /** The day of the first piece that came back for its size. */
  readonly since: string;
}

export const ledgerSizesCall = defineCall({
  name: 'ledger-sizes',
  roles: STYLING,
  writes: false,
  input: z.strictObject({}),
  answer: answers<{ readonly labels: readonly LabelSizes[]; readonly tongue: Tongue }>(),
});

/** The chance to be kept: how good it is, judged on decisions it had not seen, and what it goes by. */
export interface ChanceView {
  readonly cases: number;
  /** Decisions there have to be. */
  readonly least: number;
  readonly model?:
    | {
        readonly judgedOn: number;
        readonly brier: { readonly model: number; readonly shop: number; readonly client: number };
        readonly isBetter: boolean;
        readonly bins: readonly Reliability[];
        readonly weights: readonly { readonly feature: ChanceFeature; readonly weight: number }[];
      }
    | undefined;
}

export const ledgerChanceCall = defineCall({
  name: 'ledger-chance',
  roles: STYLING,
  writes: false,
  input: z.strictObject({}),
  answer: answers<ChanceView>(),
});
