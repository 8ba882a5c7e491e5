import { CATEGORIES } from '@core/piece';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { name, uuid, version } from '../fields';
import { coloursSchema, storedAttributesSchema } from '../piece';

export const saveOwnedCall = defineCall({
  name: 'save-owned',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    id: uuid.optional(),
    /** Of a piece that is there; absent for a new one. */
    version: version.optional(),
    clientId: uuid,
    title: name,
    category: z.enum(CATEGORIES),
    formality: z.number().min(0).max(10).optional(),
    colours: coloursSchema,
    attributes: storedAttributesSchema.default({}),
    assumed: z.boolean().default(false),
    loved: z.boolean().default(false),
    wornWeekly: z.boolean().default(false),
  }),
  answer: answers<{ readonly id: string; readonly version: number }>(),
});
