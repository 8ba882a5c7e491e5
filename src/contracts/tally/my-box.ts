import { DECISIONS, type Decider, type Decision } from '@core/box';
import type { FitPoint } from '@core/fit';
import type { Tongue } from '@core/words';
import { z } from 'zod';
import { text, uuid } from '../fields';
import { why } from './why';

/** A drawing ready to be shown, and what is in it. */
export interface Picture {
  readonly svg: string;
  readonly says: string;
}

export interface MyPiece {
  readonly lineId: string;
  readonly title: string;
  /** Empty for what is made in one. */
  readonly size: string;
  readonly priceMinor: number;
  readonly picture: Picture;
  /** What the letter says of it, a paragraph each. */
  readonly why: string;
  readonly fit: string;
  readonly wear: readonly string[];
  readonly beneath: readonly string[];
  readonly facts: string;
  readonly care: string;
  readonly decision: Decision;
  readonly reason: string | null;
  readonly fitPoint: FitPoint | null;
  readonly words: string;
  readonly decidedBy: Decider | null;
  /** False: altered for her, it stays. */
  readonly mayReturn: boolean;
  /** What it may be exchanged for and is on the shelf. */
  readonly others: readonly {
    readonly variantId: string;
    readonly words: string;
    readonly priceMinor: number;
  }[];
  /** It goes out in the place of another one, named here. */
  readonly insteadOf?: string | undefined;
  /** False while it waits for its parcel. */
  readonly sent: boolean;
  /** In the shop again: nothing more is to be said of it. */
  readonly isBack: boolean;
}

/** A box as its client sees it behind her private link: her letter, her pieces, what they come to. Nothing else of the shop's. */
export interface MyBoxView {
  readonly shopName: string;
  /** How the shop writes days and lengths. */
  readonly tongue: Tongue;
  readonly firstName: string;
  readonly number: number;
  /** Packed or on its way; hers to decide; settled. */
  readonly stage: 'coming' | 'deciding' | 'closed';
  readonly decideBy?: string | undefined;
  readonly returnBy?: string | undefined;
  readonly returnPolicy: string;
  /** What she says nothing of is hers from this day on; absent: silence is no answer. */
  readonly silentKeepFrom?: string | undefined;
  readonly currency: string;
  readonly greeting: string;
  readonly closing: string;
  readonly pieces: readonly MyPiece[];
  readonly looks: readonly {
    readonly title: string;
    readonly line: string;
    /** What does as well as her own pieces in it. */
    readonly instead: string;
    readonly picture: Picture;
    readonly pieces: readonly string[];
  }[];
  /** What to pack for a journey and what to wear day by day, as the letter says it; empty where there is none. */
  readonly journey: { readonly packing: readonly string[]; readonly days: readonly string[] };
  readonly money: {
    readonly steps: readonly { readonly label: string; readonly minor: number }[];
    /** To charge, as decided so far; undecided pieces are counted as going back. */
    readonly dueMinor: number;
    /** The same, were all of it kept. */
    readonly allDueMinor: number;
    readonly feeMinor: number;
  };
  /** She said that this is all. */
  readonly answered: boolean;
}

/** Another size or colour of a piece, as she asks for it. */
const herExchangeSchema = z.strictObject({
  lineId: uuid,
  was: z.enum(DECISIONS),
  exchangeFor: uuid,
  reason: why.reason,
  fitPoint: why.fitPoint,
  words: text(400).default(''),
});
export type HerExchange = z.output<typeof herExchangeSchema>;

/** What she says of one piece, or that she keeps all of it, or that this is all. */
export const myAnswerSchema = z.union([
  z.strictObject({
    lineId: uuid,
    /** What stood there when she said so: somebody in the shop may have decided meanwhile. */
    was: z.enum(DECISIONS),
    decision: z.enum(['undecided', 'keep', 'return']),
    reason: why.reason,
    fitPoint: why.fitPoint,
    words: text(400).default(''),
  }),
  herExchangeSchema,
  z.strictObject({ keepAll: z.literal(true) }),
  z.strictObject({ done: z.literal(true) }),
]);
