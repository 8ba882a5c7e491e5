import { z } from 'zod';
import type { LedgerView } from './ledger-view';
import { OWNER, answers, defineCall } from '../call';
import { uuid } from '../fields';

/** Books what was proposed, or leaves it. */
export const settleProposalCall = defineCall({
  name: 'settle-proposal',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ id: uuid, accept: z.boolean() }),
  answer: answers<LedgerView>(),
});
