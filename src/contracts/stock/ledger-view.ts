import type { Cause, Place } from '@core/stock';

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
