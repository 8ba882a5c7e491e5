import type { Carrier, Enclosed, ParcelSize, ParcelState } from '@core/parcel';

/** What of a box went out together. */
export interface ParcelView {
  readonly no: number;
  /** The carrier's number; absent for what was handed over. */
  readonly tracking?: string | undefined;
  readonly day: string;
  /** Where it is, by a carrier that is only played. */
  readonly stands?: { readonly state: ParcelState; readonly arrives: string } | undefined;
}

/** What whoever packs a box needs beside its pieces. */
export interface PackingView {
  /** Where it goes, a line each; empty where nobody entered it. */
  readonly to: readonly string[];
  readonly size: ParcelSize;
  /** What goes along unpriced. */
  readonly enclosed: readonly Enclosed[];
  readonly carrier: Carrier;
  /** When its client comes for it, as the shop's clock has it: `2026-12-05T14:00`. */
  readonly appointment?: string | undefined;
}
