import { CATEGORIES } from '@core/piece';
import { type KeptColumns, TILL_FIELDS } from '@core/till';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { text } from '../fields';

const settled = {
  columns: z.array(z.enum(TILL_FIELDS).nullable()).min(1).max(200),
  kinds: z.record(text(120), z.enum(CATEGORIES)).default({}),
};
export const keptColumnsSchema = z.strictObject({ sign: z.string().max(50_000), ...settled });

/** What the shop settled of its tills' files, the last one last. */
export const tillColumnsCall = defineCall({
  name: 'till-columns',
  roles: STYLING,
  writes: false,
  input: z.strictObject({}),
  answer: answers<readonly KeptColumns[]>(),
});

/** Keeps what the columns of a file were settled to be: the next file with these headers is read so. */
export const keepTillColumnsCall = defineCall({
  name: 'keep-till-columns',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    headers: z.array(text(200)).min(1).max(200),
    ...settled,
  }),
  answer: answers<{ readonly kept: number }>(),
});
