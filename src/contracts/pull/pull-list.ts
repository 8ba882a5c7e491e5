import { CATEGORIES } from '@core/piece';
import { z } from 'zod';
import type { LeftOut, PullRow } from './pull-row';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid } from '../fields';
import { minorSchema } from '../piece';

export interface PullAnswer {
  readonly rows: readonly PullRow[];
  /** Colours the ask names that nothing shown is in; empty where something is. */
  readonly noneIn: readonly string[];
  /** Left out and why: sold out, no size that fits, over the price. */
  readonly leftOut: readonly LeftOut[];
}

export const pullListCall = defineCall({
  name: 'pull-list',
  roles: STYLING,
  writes: false,
  input: z.strictObject({
    boxId: uuid,
    askId: uuid.nullable().default(null),
    categories: z.array(z.enum(CATEGORIES)).default([]),
    search: text(80).default(''),
    mostMinor: minorSchema.nullable().default(null),
    /** Only what fits: right, close or roomy. */
    fitsOnly: z.boolean().default(true),
  }),
  answer: answers<PullAnswer>(),
});
