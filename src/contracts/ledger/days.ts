import { z } from 'zod';

/** A day as the shop's calendar has it. */
export const day = z.iso.date({ error: 'not a day' });

/** From a day to a day, both within; absent: since the beginning, until now. */
export const days = { from: day.optional(), to: day.optional() };
export interface Days {
  readonly from?: string | undefined;
  readonly to?: string | undefined;
}
