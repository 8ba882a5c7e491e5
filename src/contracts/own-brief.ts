import { ZONES } from '@core/piece';
import { z } from 'zod';
import { daySchema } from './occasion';
import { hexSchema, minorSchema } from './piece';

const line = (most: number) => z.string().trim().max(most, `at most ${most} characters`);
/** A list of short lines; empty ones are left out, as somebody leaves a field empty. */
const lines = (most: number, each: number) =>
  z
    .array(line(each))
    .max(most, `at most ${most}`)
    .transform((given) => given.filter(Boolean));

/** The whole of a brief, as JSON, characters. */
const WHOLE_MOST = 12_000;

const briefFields = z.strictObject({
  moods: lines(12, 40),
  occasions: z
    .array(z.strictObject({ title: line(80).min(1, 'a few words are wanted'), day: daySchema.optional() }))
    .max(6, 'at most 6'),
  asks: lines(12, 200),
  budgetMinor: minorSchema,
  sizes: z
    .record(line(20).min(1, 'missing'), line(12))
    .refine((sizes) => Object.keys(sizes).length <= 20, { error: 'at most 20 sizes' }),
  // Typed in cm or in, so that halves come; kept in whole mm.
  heightMm: z
    .number({ error: 'a number is wanted' })
    .min(1200, 'less than 120 cm (47¼ in): is the unit right?')
    .max(2200, 'more than 220 cm (86½ in): is the unit right?')
    .transform((mm) => Math.round(mm)),
  cover: z.array(z.enum(ZONES)).max(ZONES.length, 'each zone once'),
  heelMaxMm: z.number().min(0).max(200),
  allergies: lines(20, 60),
  nevers: lines(20, 60),
  like: z.array(hexSchema).max(12, 'at most 12'),
  avoid: z.array(hexSchema).max(12, 'at most 12'),
  notes: line(2000),
});

/** What a client writes on the private form: short words, all optional, kept as it goes. */
export const briefAnswersSchema = briefFields
  .partial()
  .refine((answers) => JSON.stringify(answers).length <= WHOLE_MOST, {
    error: 'this is more than a brief can hold: please keep it shorter',
  });

/**
 * What was kept of a brief, field by field, as it can be taken over; fields that cannot be read any more come back as
 * words, so that nothing somebody wrote is lost.
 */
export function readableAnswers(kept: Readonly<Record<string, unknown>>): {
  readonly answers: BriefAnswers;
  readonly unread: readonly string[];
} {
  const answers: Record<string, unknown> = {};
  const unread: string[] = [];
  for (const [name, value] of Object.entries(kept)) {
    const field = (briefFields.shape as Record<string, z.ZodType>)[name];
    const read = field?.safeParse(value);
    if (read?.success) answers[name] = read.data;
    else if (value !== undefined) unread.push(`${name}: ${JSON.stringify(value)}`);
  }
  return { answers: answers as BriefAnswers, unread };
}
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
