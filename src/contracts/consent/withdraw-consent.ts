import { CONSENTS } from '@core/client';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import type { ConsentsView } from './consent-view';

/** Takes an agreement back; `erase` removes at once what was kept by it. */
export const withdrawConsentCall = defineCall({
  name: 'withdraw-consent',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ clientId: uuid, about: z.enum(CONSENTS), erase: z.boolean() }),
  answer: answers<ConsentsView & { readonly erased: number }>(),
});
