import type { Fault } from '../faults';
import type { StoredAttributes } from '../piece';
import type { Step } from '@core/box';
import type { Category, Measures, Piece, Swatch } from '@core/piece';
import type { Cause, Place } from '@core/stock';

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
  /** Null for whoever packs: a price is on the pack list, and nowhere else. */
  readonly priceMinor: number | null;
  readonly costMinor: number | null;
  readonly photo?: string | undefined;
  readonly archived: boolean;
  readonly sizes: readonly SizeSheet[];
  readonly locations: readonly { readonly id: string; readonly title: string }[];
}

/** A movement somebody proposes, for an owner to book or leave. */
export interface ProposalView {
  readonly id: string;
  readonly variantId: string;
  readonly title: string;
  readonly size: string;
  readonly location: string;
  readonly cause: Cause;
  readonly qty: number;
  readonly reason: string;
  readonly by: string;
  readonly day: string;
}

/** Every movement of one size, newest first, and where its units are now. */
export interface LedgerView {
  readonly variantId: string;
  /** Asked for by whoever packs, and not settled yet. */
  readonly proposals: readonly ProposalView[];
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
  /** Null for whoever packs: a price is on the pack list, and nowhere else. */
  readonly priceMinor: number | null;
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
    /** Null for whoever packs: a price is on the pack list, and nowhere else. */
    readonly priceMinor: number | null;
  }[];
  readonly known: number;
  readonly faults: readonly ImportFault[];
  readonly taken: number;
}

/** What a scanned code is. */
export interface CodeAnswer {
  readonly garmentId: string;
  readonly variantId: string;
  readonly title: string;
  readonly size: string;
  readonly sku: string;
  readonly ean: string;
  /** Null for whoever packs: a price is on the pack list, and nowhere else. */
  readonly priceMinor: number | null;
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
