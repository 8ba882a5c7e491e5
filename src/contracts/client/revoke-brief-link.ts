import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const revokeBriefLinkCall = defineCall({
  name: 'revoke-brief-link',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ clientId: uuid, id: uuid }),
  answer: answers<{ readonly id: string }>(),
});
