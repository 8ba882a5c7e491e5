import { ROLES } from '@core/shop';
import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import type { PeopleView } from './people-view';
import { userId } from './user-id';

/** Whoever becomes a packer has no boxes: those that are open go to `boxesTo`. */
export const changeRoleCall = defineCall({
  name: 'change-role',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ userId, role: z.enum(ROLES), boxesTo: userId.optional() }),
  answer: answers<PeopleView>(),
});
