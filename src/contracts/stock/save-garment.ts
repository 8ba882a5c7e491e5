import { CATEGORIES } from '@core/piece';
import { isEan13 } from '@core/stock';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { name, text, uuid, version } from '../fields';
import { coloursSchema, measuresSchema, minorSchema, storedAttributesSchema } from '../piece';
import { unitsSchema } from './units';

const sizeSchema = z.strictObject({
  id: uuid.optional(),
  size: text(20).min(1, 'missing'),
  length: text(20).default(''),
  sku: text(60).min(1, 'missing'),
  ean: z
    .string()
    .trim()
    .refine((ean) => ean === '' || isEan13(ean), { error: 'not an EAN-13: a digit is wrong or missing' })
    .default(''),
  measures: measuresSchema.default({}),
  /** Units that come in with a new size; one that is here already is delivered to or counted. */
  qty: unitsSchema.default(0),
});

export const saveGarmentCall = defineCall({
  name: 'save-garment',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    id: uuid.optional(),
    version: version.optional(),
    title: name,
    label: text(80).default(''),
    /** Colourways of one style share it; absent: from the title. */
    styleId: text(80).default(''),
    setId: text(80).default(''),
    category: z.enum(CATEGORIES),
    formality: z.number().min(0).max(10).optional(),
    colours: coloursSchema,
    priceMinor: minorSchema,
    /** What the shop paid for it; null when it is not said. */
    costMinor: minorSchema.nullable().default(null),
    attributes: storedAttributesSchema.default({}),
    sizes: z.array(sizeSchema).min(1, 'a garment has at least one size').max(60, 'at most 60 sizes'),
    /** Gives sizes without an EAN one of the numbers kept for use inside a shop. */
    numberEans: z.boolean().default(false),
  }),
  answer: answers<{ readonly id: string; readonly version: number }>(),
});
