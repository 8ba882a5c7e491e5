import type { Ask, BoxState, Step } from '@core/box';
import type { DeskAction } from '@core/schedule';
import type { BodyMeasures } from '@core/figure';
import type { LetterDraft } from '@core/letter';
import type { Occasion, Overrule, Profile, Schools, Stage, StageOff } from '@core/look';
import type { Criterion, PullSettings } from '@core/pull';
import type { BriefAnswers } from './own-brief';
import type { BoxTotal } from '@core/money';
import type { Category, Measures, Origin, Piece, Swatch } from '@core/piece';
import type { Cause, Place } from '@core/stock';
import type { StoredAttributes } from './piece';
import type { Alteration, FitPoint, FitVerdict, PointFit } from '@core/fit';
import type { Settings } from '@core/rules';
import type { DueDates } from '@core/schedule';
import type { Fault } from './faults';

/** Answers of the server: what a screen is given. Plain data, JSON all through. */

export interface ShopView {
  readonly name: string;
  readonly town: string;
  readonly currency: string;
  readonly schools: Schools;
  readonly settings: Settings;
  readonly pull: PullSettings;
  readonly alteredMayReturn: boolean;
}

export interface HouseRulesView {
  readonly version: number;
  readonly shop: ShopView;
  /** Saved looks in which a rule spoke, and findings of it that were put aside, over all time, by rule id. */
  readonly spoke: Readonly<Record<string, number>>;
  readonly overruled: Readonly<Record<string, number>>;
  readonly looks: readonly {
    readonly title: string;
    readonly pieces: readonly Piece[];
    readonly client: Profile;
    readonly occasion?: Occasion | undefined;
  }[];
}

export interface DeskView {
  readonly today: string;
  readonly actions: readonly DeskAction[];
  readonly open: number;
}

export interface ClientRow {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  readonly closet: number;
  readonly openBox?: { readonly id: string; readonly number: number; readonly step: Step } | undefined;
  readonly nextOccasion?: { readonly title: string; readonly day: string } | undefined;
}

/** A private link to the client's own brief, as the stylist sees it. */
export interface BriefLinkView {
  readonly id: string;
  readonly state: 'open' | 'sent' | 'settled' | 'revoked' | 'expired';
  readonly expiresOn: string;
  /** Sent and waiting to be gone through. */
  readonly answers?: BriefAnswers | undefined;
  readonly photos: readonly { readonly id: string; readonly caption: string }[];
}

/** What the private form shows: a first name and what was written, nothing else of the client's page. */
export interface OwnBriefView {
  readonly shopName: string;
  readonly firstName: string;
  readonly currency: string;
  readonly answers: BriefAnswers;
  readonly sent: boolean;
  readonly photos: number;
}

export interface ChangeView {
  readonly action: string;
  readonly day: string;
  readonly by: string;
}

export interface OccasionView {
  readonly id: string;
  readonly occasion: Occasion;
  readonly stages: readonly Stage[];
}

export interface OwnedView {
  readonly id: string;
  readonly piece: Piece;
  readonly assumed: boolean;
  readonly loved: boolean;
  readonly wornWeekly: boolean;
  readonly fromBox: boolean;
  /** Id of its photo. */
  readonly photo?: string | undefined;
}

export interface BoxRow {
  readonly id: string;
  readonly number: number;
  readonly state: BoxState;
  readonly step: Step;
  readonly lines: number;
  readonly kept: number;
  readonly netMinor?: number | undefined;
  readonly outDay?: string | undefined;
  readonly returned: readonly { readonly title: string; readonly reason: string }[];
}

export interface ClientView {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly about: string;
  readonly email: string;
  readonly phone: string;
  readonly sizes: Readonly<Record<string, string>>;
  readonly given: BodyMeasures;
  /** Every measure, filled; estimated ones marked. */
  readonly body: readonly { readonly name: string; readonly mm: number; readonly origin: Origin }[];
  readonly profile: Profile;
  readonly boxBudgetMinor: number | null;
  readonly pieceBudgetMinor: Readonly<Record<string, number>>;
  readonly notes: string;
  readonly owned: readonly OwnedView[];
  /** Out of the closet, newest first; they may be put back. */
  readonly retired: readonly OwnedView[];
  readonly occasions: readonly OccasionView[];
  readonly boxes: readonly BoxRow[];
  readonly links: readonly BriefLinkView[];
  readonly changes: readonly ChangeView[];
}

export interface SizeStock {
  readonly variantId: string;
  readonly size: string;
  readonly sku: string;
  readonly shelf: number;
  readonly held: number;
  readonly out: number;
}

/** One size of a garment as the stockroom keeps it. */
export interface SizeSheet {
  readonly id: string;
  readonly size: string;
  readonly length: string;
  readonly sku: string;
  readonly ean: string;
  readonly measures: Measures;
  /** False while it has never moved: then it may still be struck out. */
  readonly moved: boolean;
}

/** A garment with all that may be changed of it. */
export interface GarmentSheet {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly label: string;
  readonly styleId: string;
  readonly setId: string;
  readonly category: Category;
  readonly formality: number;
  readonly colours: readonly Swatch[];
  readonly attributes: StoredAttributes;
  readonly priceMinor: number;
  readonly costMinor: number | null;
  readonly photo?: string | undefined;
  readonly archived: boolean;
  readonly sizes: readonly SizeSheet[];
  readonly locations: readonly { readonly id: string; readonly title: string }[];
}

/** Every movement of one size, newest first, and where its units are now. */
export interface LedgerView {
  readonly variantId: string;
  readonly balances: readonly {
    readonly locationId: string;
    readonly place: Place;
    readonly qty: number;
  }[];
  readonly movements: readonly {
    readonly id: string;
    readonly day: string;
    readonly qty: number;
    readonly from: Place;
    readonly to: Place;
    readonly cause: Cause;
    readonly reason: string;
    readonly by: string;
    readonly location: string;
    readonly box?: { readonly id: string; readonly number: number } | undefined;
    /** Units on the shelf of its location once it was booked. */
    readonly shelfAfter: number;
  }[];
}

export interface StockPage {
  readonly rows: readonly StockRow[];
  /** Garments of the filter, on all pages. */
  readonly total: number;
  readonly currency: string;
}

export interface StockRow {
  readonly id: string;
  readonly label: string;
  readonly piece: Piece;
  readonly priceMinor: number;
  readonly photo?: string | undefined;
  readonly sizes: readonly SizeStock[];
}

export interface ImportFault extends Fault {
  /** Row of the file as a spreadsheet counts, the header being row 1. */
  readonly row: number;
}

export interface ImportAnswer {
  readonly good: readonly {
    readonly row: number;
    readonly title: string;
    readonly size: string;
    readonly sku: string;
    readonly qty: number;
    readonly priceMinor: number;
  }[];
  readonly known: number;
  readonly faults: readonly ImportFault[];
  readonly taken: number;
}

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

/** Something said for or against a candidate. */
export interface ReasonView {
  readonly criterion: Criterion;
  readonly says: string;
  readonly points: number;
}

export interface PullRow {
  readonly garmentId: string;
  readonly variantId: string;
  readonly label: string;
  readonly piece: Piece;
  readonly size: string;
  readonly free: number;
  readonly verdict: FitVerdict;
  /** Fit in a line, with what was decided between two sizes or what makes this one work. */
  readonly fit: string;
  readonly fitPoints: readonly PointFit[];
  readonly points: number;
  readonly reasons: readonly ReasonView[];
  readonly doubt?: ReasonView | undefined;
  /** Others that are on the shelf. */
  readonly otherSizes: readonly {
    readonly variantId: string;
    readonly size: string;
    readonly free: number;
    readonly verdict: FitVerdict;
    readonly fit: string;
  }[];
  /** Where the size stands, when it stands at several places. */
  readonly places: readonly PlaceView[];
}

export interface PlaceView {
  readonly locationId: string;
  readonly title: string;
  readonly free: number;
}

export interface PullAnswer {
  readonly rows: readonly PullRow[];
  /** Left out and why: sold out, no size that fits, over the price. */
  readonly leftOut: readonly LeftOut[];
}

export interface LeftOut {
  readonly title: string;
  readonly why: string;
}

/** Why garments of a name are not among the candidates. */
export interface WhyNotAnswer {
  readonly found: readonly LeftOut[];
}

/** Something to take in the place of a line. */
export interface SwapView {
  readonly variantId: string;
  readonly piece: Piece;
  readonly size: string;
  readonly priceMinor: number;
  readonly fit: string;
  readonly verdict: FitVerdict;
}

export interface LineSwaps {
  readonly lineId: string;
  readonly cheaper?: SwapView | undefined;
  readonly safer?: (SwapView & { readonly why: string }) | undefined;
  readonly colours: readonly SwapView[];
  /** The same size at other places of the shop. */
  readonly places: readonly PlaceView[];
}

export interface SwapsAnswer {
  readonly lines: readonly LineSwaps[];
  /** On the shelf, of the kinds in the box, in a size that fits, and nothing this client has against them. */
  readonly stock: readonly Piece[];
}

/** What a scanned code is. */
export interface CodeAnswer {
  readonly garmentId: string;
  readonly variantId: string;
  readonly title: string;
  readonly size: string;
  readonly sku: string;
  readonly ean: string;
  readonly priceMinor: number;
  readonly currency: string;
  readonly archived: boolean;
  readonly piece: Piece;
  readonly places: readonly { readonly title: string; readonly place: Place; readonly qty: number }[];
  /** Open boxes with a unit of it. */
  readonly boxes: readonly {
    readonly id: string;
    readonly number: number;
    readonly client: string;
    readonly step: Step;
  }[];
}

export interface ScanAnswer {
  readonly view: BoxView;
  readonly lineId: string;
  /** False when it was scanned in before. */
  readonly fresh: boolean;
}
