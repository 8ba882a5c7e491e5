import { ZONES } from '@core/piece';
import { z } from 'zod';
import { hexSchema } from './piece';

const line = (most: number) => z.string().trim().max(most, `at most ${most} signs`);

/** What a client writes on the private form: short words, all optional, kept as it goes. */
export const briefAnswersSchema = z
  .strictObject({
    moods: z.array(line(40)).max(12),
    occasions: z
      .array(
        z.strictObject({
          title: line(80).min(1, 'a few words are wanted'),
          day: z.iso.date('a day is wanted').optional(),
        }),
      )
      .max(6),
    asks: z.array(line(200)).max(12),
    budgetMinor: z.number().int().min(0).max(100_000_000),
    sizes: z.record(line(20), line(12)),
    heightMm: z
      .number({ error: 'a number is wanted' })
      .min(1200, 'less than 120 cm: is the unit right?')
      .max(2200, 'more than 220 cm: is the unit right?'),
    cover: z.array(z.enum(ZONES)),
    heelMaxMm: z.number().min(0).max(200),
    allergies: z.array(line(60)).max(20),
    nevers: z.array(line(60)).max(20),
    like: z.array(hexSchema).max(12),
    avoid: z.array(hexSchema).max(12),
    notes: line(2000),
  })
  .partial();
export type BriefAnswers = z.infer<typeof briefAnswersSchema>;

/** A line of a sent brief, as the stylist settles it. */
export const BRIEF_FIELDS = [
  'moods',
  'occasions',
  'asks',
  'budgetMinor',
  'sizes',
  'heightMm',
  'cover',
  'heelMaxMm',
  'allergies',
  'nevers',
  'like',
  'avoid',
  'notes',
] as const satisfies readonly (keyof BriefAnswers)[];
export type BriefField = (typeof BRIEF_FIELDS)[number];
