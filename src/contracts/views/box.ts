import type { OccasionView } from './client';
import type { ShopView } from './shop';
import type { Ask, BoxState, Step } from '@core/box';
import type { Alteration, FitPoint } from '@core/fit';
import type { GuardFinding } from '@core/guard';
import type { LetterDraft } from '@core/letter';
import type { Profile } from '@core/client';
import type { Overrule, StageOff } from '@core/look';
import type { BoxTotal } from '@core/money';
import type { Piece } from '@core/piece';
import type { DueDates } from '@core/schedule';

export interface LineView {
  readonly id: string;
  readonly variantId: string;
  readonly askId: string | null;
  readonly piece: Piece;
  readonly size: string;
  readonly sku: string;
  readonly priceMinor: number;
  readonly fit: string;
  readonly held: boolean;
  /** Last day of the hold where the shop is. */
  readonly holdUntil?: string | undefined;
  readonly decision: 'undecided' | 'keep' | 'return' | 'exchange';
  readonly reason: string | null;
  readonly note: string;
  readonly fitPoint: FitPoint | null;
  readonly checkedIn: boolean;
  readonly scanned: boolean;
  readonly netMinor?: number | undefined;
  /** Where it was taken from, when the shop has several places. */
  readonly location: string;
  readonly alterations: readonly AlterationView[];
  /** False: altered for this client, it stays. */
  readonly mayReturn: boolean;
  /** What stands between it and the client and is not answered yet. */
  readonly guard: readonly GuardFinding[];
}

export interface AlterationView extends Alteration {
  readonly id: string;
  readonly priceMinor: number;
  readonly leadDays: number;
}

export interface LookView {
  readonly id: string;
  readonly version: number;
  readonly occasionId: string | null;
  readonly title: string;
  readonly pieces: readonly { readonly ref: string; readonly mode?: string | undefined }[];
  readonly overrules: readonly Overrule[];
  readonly stages: readonly StageOff[];
}

export interface BoxView {
  /** Everything its six steps show. */
  readonly sees: 'all';
  readonly id: string;
  readonly number: number;
  readonly state: BoxState;
  readonly step: Step;
  readonly version: number;
  readonly shop: ShopView;
  readonly today: string;
  readonly client: {
    readonly id: string;
    readonly name: string;
    readonly about: string;
    readonly profile: Profile;
    readonly pieceBudgetMinor: Readonly<Record<string, number>>;
  };
  readonly budgetMinor: number | null;
  readonly spentMinor: number;
  readonly asks: readonly { readonly id: string; readonly ask: Ask }[];
  readonly mood: readonly string[];
  readonly notToSend: string;
  readonly occasions: readonly OccasionView[];
  readonly occasionIds: readonly string[];
  readonly due?: DueDates | undefined;
  /** Earliest day an occasion can still be met, when the box's own is too near. */
  readonly earliest?: string | undefined;
  readonly lines: readonly LineView[];
  readonly owned: readonly Piece[];
  /** Ids of what the client loves of it. */
  readonly loved: readonly string[];
  /** Photos by the id of the piece they show. */
  readonly photos: Readonly<Record<string, string>>;
  readonly looks: readonly LookView[];
  readonly letter: LetterDraft | null;
  readonly parcel: string | null;
  readonly outDay?: string | undefined;
  readonly decideBy?: string | undefined;
  readonly returnBy?: string | undefined;
  readonly styleFeeMinor: number;
  readonly keepAllBp: number;
  /** What the decisions so far come to; final once closed. */
  readonly total?: BoxTotal | undefined;
  readonly notesNext: string;
  /** What the last box taught, in a line each. */
  readonly learned: readonly string[];
}

export interface ScanAnswer {
  readonly view: BoxView | PackView;
  readonly lineId: string;
  /** False when it was scanned in before. */
  readonly fresh: boolean;
}

/** A box as whoever packs it sees it: what goes into the parcel, and nothing of the person but the name on it. */
export interface PackView {
  readonly sees: 'parcel';
  readonly id: string;
  readonly number: number;
  readonly state: BoxState;
  readonly step: 'out' | 'tally';
  readonly version: number;
  readonly today: string;
  readonly shop: { readonly name: string; readonly currency: string };
  readonly client: { readonly name: string };
  readonly due?: { readonly shipBy: string } | undefined;
  /** The letter is written. */
  readonly letter: boolean;
  readonly parcel: string | null;
  readonly outDay?: string | undefined;
  readonly returnBy?: string | undefined;
  readonly lines: readonly PackLine[];
}

export interface PackLine {
  readonly id: string;
  /** As it hangs in the stockroom, in its size; never as it was altered for somebody. */
  readonly piece: Piece;
  readonly size: string;
  readonly sku: string;
  readonly location: string;
  readonly priceMinor: number;
  readonly held: boolean;
  readonly scanned: boolean;
  /** Jobs at the tailor's, without their measures. */
  readonly jobs: readonly string[];
  readonly decision: 'undecided' | 'keep' | 'return' | 'exchange';
  readonly checkedIn: boolean;
  /** Why it is not packed: what is in it, nothing of the person. */
  readonly ruledOut?: string | undefined;
}
