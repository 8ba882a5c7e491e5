import { PROPOSAL_ANSWERS } from '@core/learn';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid } from '../fields';

/** What a client's decisions would change on her page, and the pieces that say so. */
export interface TaughtView {
  readonly key: string;
  readonly words: string;
  /** The colour it is about. */
  readonly hex?: string | undefined;
  readonly evidence: readonly string[];
}

export const clientProposalsCall = defineCall({
  name: 'client-proposals',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ clientId: uuid }),
  answer: answers<readonly TaughtView[]>(),
});

export const answerProposalCall = defineCall({
  name: 'answer-proposal',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ clientId: uuid, key: text(80).min(1), answer: z.enum(PROPOSAL_ANSWERS) }),
  answer: answers<readonly TaughtView[]>(),
});
