import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';

export const exportStockCall = defineCall({
  name: 'export-stock',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ format: z.enum(['csv', 'json']) }),
  answer: answers<{ readonly fileName: string; readonly text: string }>(),
});
