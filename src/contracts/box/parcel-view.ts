/** What went out of a box together. */
export interface ParcelView {
  readonly no: number;
  /** The carrier's number; absent for what was handed over. */
  readonly tracking?: string | undefined;
  readonly day: string;
}
