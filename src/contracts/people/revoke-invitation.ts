import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import { uuid } from '../fields';
import type { PeopleView } from './people-view';

export const revokeInvitationCall = defineCall({
  name: 'revoke-invitation',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ id: uuid }),
  answer: answers<PeopleView>(),
});
