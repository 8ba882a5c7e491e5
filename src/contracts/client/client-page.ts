import { z } from 'zod';
import { answers, defineCall, STYLING } from '../call';
import { uuid } from '../fields';
import type { ClientView } from './client-view';

/** A client's page as it stands now. */
export const clientPageCall = defineCall({
  name: 'client-page',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ clientId: uuid }),
  answer: answers<ClientView>(),
});
