import { z } from 'zod';
import { answers, defineCall, STYLING } from '../call';
import type { ClientRow } from './client-view';

/** The clients of a shop, each in a line. */
export const clientListCall = defineCall({
  name: 'client-list',
  roles: STYLING,
  writes: false,
  input: z.strictObject({}),
  answer: answers<readonly ClientRow[]>(),
});
