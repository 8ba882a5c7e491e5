import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const makeBriefLinkCall = defineCall({
  name: 'make-brief-link',
  roles: STYLING,
  // An answer kept for a second sender would keep the token: asked twice, the first link stops working.
  writes: false,
  input: z.strictObject({ clientId: uuid }),
  answer: answers<{ readonly id: string; readonly path: string; readonly expiresOn: string }>(),
});
