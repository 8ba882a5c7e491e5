import { BY_HAND } from '@core/stock';
import { z } from 'zod';
import type { LedgerView } from './ledger-view';
import { EVERYBODY, answers, defineCall } from '../call';
import { text } from '../fields';
import { atPlace } from './at-place';
import { unitsSchema } from './units';

export const moveStockCall = defineCall({
  name: 'move-stock',
  roles: EVERYBODY,
  writes: true,
  input: z.strictObject({
    ...atPlace,
    cause: z.enum(BY_HAND),
    qty: unitsSchema.min(1, 'at least one'),
    reason: text(200).default(''),
  }),
  answer: answers<LedgerView>(),
});
