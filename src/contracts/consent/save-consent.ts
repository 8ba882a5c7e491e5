import { CONSENT_WAYS, CONSENTS } from '@core/client';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import { daySchema } from '../occasion';
import type { ConsentsView } from './consent-view';

/** Notes what a client agreed to. One that stands already is said again: the earlier one ends that day. */
export const saveConsentCall = defineCall({
  name: 'save-consent',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    clientId: uuid,
    about: z.enum(CONSENTS),
    way: z.enum(CONSENT_WAYS),
    givenOn: daySchema,
  }),
  answer: answers<ConsentsView>(),
});
