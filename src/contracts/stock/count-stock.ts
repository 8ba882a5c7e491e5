import { z } from 'zod';
import type { LedgerView } from './ledger-view';
import { EVERYBODY, answers, defineCall } from '../call';
import { text } from '../fields';
import { atPlace } from './at-place';
import { unitsSchema } from './units';

export const countStockCall = defineCall({
  name: 'count-stock',
  roles: EVERYBODY,
  writes: true,
  input: z.strictObject({
    ...atPlace,
    counted: unitsSchema,
    /** What the books said when the count began; another figure now means that something moved meanwhile. */
    expected: unitsSchema,
    reason: text(200).min(1, 'a reason is wanted'),
  }),
  answer: answers<LedgerView>(),
});
