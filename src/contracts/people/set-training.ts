import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import type { PeopleView } from './people-view';
import { userId } from './user-id';

/** Whoever is in training begins the day in the practice room; a packer styles nothing and has nothing to practise. */
export const setTrainingCall = defineCall({
  name: 'set-training',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ userId, inTraining: z.boolean() }),
  answer: answers<PeopleView>(),
});
