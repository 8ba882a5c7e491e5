import { isDay } from '@core/schedule';
import type { Occasion } from '@core/occasion';
import { z } from 'zod';

/** A day somebody lives to see: years of four digits that are no slip of a key. */
export const daySchema = z
  .string()
  .refine(isDay, { error: 'not a day (YYYY-MM-DD)' })
  .refine((day) => day >= '1900-01-01' && day < '2200-01-01', { error: 'is the year right?' });
const words = z.array(z.string().trim().min(1).max(60)).max(40).default([]);

export const occasionSchema = z.strictObject({
  title: z.string().trim().min(1, 'missing').max(120),
  date: daySchema.optional(),
  formality: z
    .tuple([z.number().min(0).max(10), z.number().min(0).max(10)])
    .refine(([lo, hi]) => lo <= hi, { error: 'the lower end stands above the upper one' })
    .default([0, 10]),
  time: z.enum(['day', 'evening']).default('day'),
  place: z.string().max(120).optional(),
  indoorC: z.number().min(-30).max(50).optional(),
  outdoorC: z.number().min(-50).max(55).optional(),
  humidityPct: z.number().min(0).max(100).default(50),
  windMs: z.number().min(0).max(60).optional(),
  activityMet: z.number().min(0.7).max(10).optional(),
  hoursOnFeet: z.number().min(0).max(24).optional(),
  surfaces: z.array(z.enum(['grass', 'cobbles', 'ice', 'deck', 'sand', 'wet'])).default([]),
  carry: words,
  bans: words,
  musts: words,
  seenBy: words,
}) satisfies z.ZodType<Occasion>;

/** What differs in a part of an occasion. */
export const stageSchema = z.strictObject({
  title: z.string().trim().min(1, 'missing').max(80),
  changes: occasionSchema
    .pick({
      formality: true,
      time: true,
      place: true,
      indoorC: true,
      outdoorC: true,
      windMs: true,
      surfaces: true,
      bans: true,
      musts: true,
    })
    .partial(),
});

export const budgetSchema = z.strictObject({
  boxMinor: z.number().int().min(0).optional(),
  pieceMinor: z.record(z.string(), z.number().int().min(0)).optional(),
});
