import type { BoxState, Decider, Decision, Step } from '@core/box';
import type { Ask } from '@core/reading';
import type { Learned, Profile } from '@core/client';
import type { Alteration, Fit, FitPoint } from '@core/fit';
import type { GuardFinding } from '@core/guard';
import type { LetterDraft } from '@core/letter';
import type { Overrule, StageOff } from '@core/look';
import type { BoxTotal, CardState, Paid } from '@core/money';
import type { Piece } from '@core/piece';
import type { DueDates } from '@core/schedule';
import type { Terminal } from '@core/shop';
import type { OccasionView } from '../occasion/occasion-view';
import type { ShopView } from '../shop/shop-view';
import type { PackingView, ParcelView } from './parcel-view';

export interface StylistView {
  readonly id: string;
  readonly name: string;
}

export interface LineView {
  readonly id: string;
  readonly variantId: string;
  readonly askId: string | null;
  readonly piece: Piece;
  readonly size: string;
  readonly sku: string;
  readonly priceMinor: number;
  /** As it was found when the piece was held; null where nobody looked. */
  readonly fit: Fit | null;
  readonly held: boolean;
  /** Last day of the hold where the shop is. */
  readonly holdUntil?: string | undefined;
  readonly decision: Decision;
  readonly reason: string | null;
  readonly note: string;
  readonly fitPoint: FitPoint | null;
  /** Whose word the decision is. */
  readonly decidedBy: Decider | null;
  readonly checkedIn: boolean;
  /** Given up: it never arrived, never came back, or was never heard of again. */
  readonly lost: boolean;
  readonly scanned: boolean;
  readonly netMinor?: number | undefined;
  /** The line it goes out in the place of. */
  readonly exchangeOf: string | null;
  /** False while what was asked for in exchange waits for its parcel. */
  readonly sent: boolean;
  /** It was kept, and came back after the box was closed. */
  readonly credit?: CreditView | undefined;
  /** Where it was taken from, when the shop has several places. */
  readonly location: string;
  readonly alterations: readonly AlterationView[];
  /** False: altered for this client, it stays. */
  readonly mayReturn: boolean;
  /** What stands between it and the client and is not answered yet. */
  readonly guard: readonly GuardFinding[];
}

export interface CreditView {
  /** Number of the credit note. */
  readonly no: number;
  readonly day: string;
  readonly amountMinor: number;
  readonly withheldMinor: number;
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
  /** Of the stylist, for colleagues. */
  readonly note: string;
}

/** What was paid one way, and what of it went back; `chargedMinor` without the styling fee. */
export interface PaidView extends Paid {
  readonly chargedMinor: number;
}

/** A sum the terminal was asked for. */
export interface CardView {
  readonly id: string;
  readonly amountMinor: number;
  readonly state: CardState;
  /** Code of the voucher that pays the rest. */
  readonly voucher?: string | undefined;
}

/** What the shop's rules say of what comes late, and how it takes cards. */
export interface LateRules {
  readonly terminal: Terminal;
  /** Days within which a kept piece may come back; null: whenever it does. */
  readonly returnDays: number | null;
  /** Days since the box was settled. */
  readonly settledDays?: number | undefined;
  /** What is usually withheld of a damaged piece. */
  readonly damageShareBp: number;
  /** Last day of the keep-all rate; absent: it has none. */
  readonly keepAllUntil?: string | undefined;
  /** The styling fee goes back where nothing of the box arrives. */
  readonly lostFeeBack: boolean;
  /** From this day on what she did not answer is kept; absent: silence is no answer. */
  readonly silentKeepFrom?: string | undefined;
}

export interface BoxView {
  /** Everything its six steps show. */
  readonly sees: 'all';
  readonly id: string;
  readonly number: number;
  readonly state: BoxState;
  readonly step: Step;
  readonly version: number;
  /** Whose box it is, and who might have it. */
  readonly stylist: StylistView;
  readonly stylists: readonly StylistView[];
  /** The last time it changed hands. */
  readonly handover?: { readonly from: string; readonly note: string; readonly day: string } | undefined;
  /** The day its client should have it, for a box of a rhythm. */
  readonly wantedBy?: string | undefined;
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
  readonly parcels: readonly ParcelView[];
  readonly packing: PackingView;
  readonly outDay?: string | undefined;
  readonly decideBy?: string | undefined;
  readonly returnBy?: string | undefined;
  readonly styleFeeMinor: number;
  readonly keepAllBp: number;
  /** What the decisions so far come to; final once closed. */
  readonly total?: BoxTotal | undefined;
  /** How the client paid, way by way, once the box is closed. */
  readonly paid: readonly PaidView[];
  /** The sum the terminal was asked for last, while the box is tallied. */
  readonly card?: CardView | undefined;
  readonly late: LateRules;
  readonly notesNext: string;
  /** What the last box taught, in a line each. */
  readonly learned: readonly Learned[];
}

/** What of a box no step after the brief changes: whose it is, who else might have it, what earlier boxes taught. */
const BEGINNING = ['stylist', 'stylists', 'handover', 'learned'] as const;
/** What the box is dressed by, and no decision on a piece changes. */
const DRESSING = [
  'asks',
  'mood',
  'notToSend',
  'occasions',
  'occasionIds',
  'due',
  'earliest',
  'owned',
  'loved',
  'photos',
  'looks',
  'packing',
] as const;

/** The box as a write answers that changes what is in it; a page keeps the rest as it has it. */
export type DressedBox = Omit<BoxView, (typeof BEGINNING)[number]>;
/** The box as a write answers that changes what became of its pieces. */
export type TalliedBox = Omit<DressedBox, (typeof DRESSING)[number]>;

/** A box as a page has it, with what a write answered; what the answer does not speak of stays. */
export function withAnswer(now: BoxView, answer: BoxView | DressedBox | TalliedBox): BoxView {
  const kept: readonly (keyof BoxView)[] =
    'learned' in answer ? [] : 'looks' in answer ? BEGINNING : [...BEGINNING, ...DRESSING];
  // Everything else goes before the answer comes: what is not there any more is not in it either.
  return { ...Object.fromEntries(kept.map((key) => [key, now[key]])), ...answer } as BoxView;
}
