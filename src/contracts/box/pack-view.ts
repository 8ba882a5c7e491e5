import type { Decision, BoxState } from '@core/box';
import type { Piece } from '@core/piece';
import type { PackingView, ParcelView } from './parcel-view';

/** A box as whoever packs it sees it: what goes into the parcel, and nothing of the person but the name and the address on it. */
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
  readonly parcels: readonly ParcelView[];
  readonly packing: PackingView;
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
  readonly decision: Decision;
  readonly checkedIn: boolean;
  /** False while what was asked for in exchange waits for its parcel. */
  readonly sent: boolean;
  /** Why it is not packed: what is in it, nothing of the person. */
  readonly ruledOut?: string | undefined;
}
