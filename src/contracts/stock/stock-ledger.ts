import { z } from 'zod';
import type { LedgerView } from './ledger-view';
import { EVERYBODY, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const stockLedgerCall = defineCall({
  name: 'stock-ledger',
  roles: EVERYBODY,
  writes: false,
  input: z.strictObject({ variantId: uuid }),
  answer: answers<LedgerView>(),
});
