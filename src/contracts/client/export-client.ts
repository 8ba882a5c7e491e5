import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const exportClientCall = defineCall({
  name: 'export-client',
  roles: STYLING,
  // Nothing but a line in the audit is written, and the answer must not be kept.
  writes: false,
  input: z.strictObject({ clientId: uuid }),
  answer: answers<{ readonly fileName: string; readonly json: string }>(),
});
