import type { PayWay } from '@core/money';
import { z } from 'zod';
import { answers, defineCall, STYLING } from '../call';
import { day } from './days';

/** Money of a day by how it was paid; null: nobody said. */
export interface DayWay {
  readonly way: PayWay | null;
  readonly feeMinor: number;
  readonly chargeMinor: number;
  readonly refundMinor: number;
}

/** Kept and credited on a day at one rate of tax, tax within. */
export interface DayRate {
  readonly taxBp: number;
  readonly netMinor: number;
  readonly taxMinor: number;
  readonly creditedMinor: number;
  readonly creditedTaxMinor: number;
}

/** Running numbers, first to last. */
export interface Numbers {
  readonly from: number;
  readonly to: number;
}

export interface DayView {
  readonly day: string;
  readonly currency: string;
  /** Boxes that were closed. */
  readonly boxes: number;
  readonly ways: readonly DayWay[];
  readonly rates: readonly DayRate[];
  /** Of what was kept, paid before as styling fees. */
  readonly feeCreditMinor: number;
  readonly receipts?: Numbers | undefined;
  readonly creditNotes?: Numbers | undefined;
  /** With clients now, and of it what should have been back. */
  readonly outMinor: number;
  readonly lateMinor: number;
}

/** The money of one day; without a day, of today where the shop is. */
export const dayCloseCall = defineCall({
  name: 'day-close',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ day: day.optional() }),
  answer: answers<DayView>(),
});
