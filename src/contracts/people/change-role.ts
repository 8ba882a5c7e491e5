import { ROLES } from '@core/shop';
import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import type { PeopleView } from './people-view';
import { userId } from './user-id';

export const changeRoleCall = defineCall({
  name: 'change-role',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ userId, role: z.enum(ROLES) }),
  answer: answers<PeopleView>(),
});
