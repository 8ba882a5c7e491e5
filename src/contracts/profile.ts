import { HAIR } from '@core/figure';
import { DEPARTMENTS, GOALS, ZONES } from '@core/piece';
import { HOUSE_SCHOOLS, type Profile } from '@core/client';
import { lengthIn, PRONOUNS } from '@core/words';
import { z } from 'zod';
import { hexSchema } from './piece';

/** A length for whoever reads it: a file does not say how its reader measures. */
const inBoth = (mm: number): string => `${lengthIn(mm, { units: 'cm' })} (${lengthIn(mm, { units: 'in' })})`;

/** Bounds within which a body measure is believed, mm; outside them it is a slip of unit or key. */
const mm = (min: number, max: number) =>
  z
    .number({ error: 'a number of mm is wanted' })
    .min(min, `at least ${inBoth(min)}: is the unit right?`)
    .max(max, `at most ${inBoth(max)}: is the unit right?`)
    .optional();

interface Heights {
  readonly heightMm?: number | undefined;
  readonly waistHeight?: number | undefined;
  readonly insideLegLength?: number | undefined;
  readonly armLength?: number | undefined;
}

/** Measures that cannot stand on one person together; the field at odds is named. */
function refuseImpossible(given: Heights, context: z.RefinementCtx): void {
  const { heightMm, waistHeight, insideLegLength, armLength } = given;
  const impossible = (path: keyof Heights, message: string): void =>
    context.addIssue({ code: 'custom', path: [path], message });
  if (insideLegLength !== undefined && waistHeight !== undefined && insideLegLength >= waistHeight)
    impossible('insideLegLength', 'reaches the waist: was one of the two measured elsewhere?');
  if (heightMm === undefined) return;
  if (insideLegLength !== undefined && insideLegLength > heightMm * 0.56)
    impossible('insideLegLength', `too long for a height of ${inBoth(heightMm)}: is the unit right?`);
  if (waistHeight !== undefined && waistHeight > heightMm * 0.72)
    impossible('waistHeight', `too high for a height of ${inBoth(heightMm)}: is the unit right?`);
  if (armLength !== undefined && armLength > heightMm * 0.45)
    impossible('armLength', `too long for a height of ${inBoth(heightMm)}: is the unit right?`);
}

const bodyMeasuresFields = z.strictObject({
  heightMm: mm(1200, 2200),
  bust: mm(600, 1800),
  waist: mm(500, 1800),
  hip: mm(600, 1900),
  shoulderWidth: mm(280, 620),
  backWaistLength: mm(280, 600),
  armLength: mm(420, 800),
  insideLegLength: mm(550, 1050),
  waistHeight: mm(750, 1400),
  footLength: mm(190, 340),
  headGirth: mm(480, 680),
  upperArm: mm(180, 600),
  thigh: mm(350, 1000),
  calf: mm(240, 600),
  neck: mm(250, 600),
  handGirth: mm(130, 300),
  wristGirth: mm(110, 260),
  fingerMm: mm(36, 90),
});
export const bodyMeasuresSchema = bodyMeasuresFields.superRefine(refuseImpossible);

const words = z.array(z.string().trim().min(1).max(60)).max(200, 'at most 200').default([]);
const hexes = z.array(hexSchema).max(40).default([]);
const zones = z.array(z.enum(ZONES)).default([]);

export const schoolsSchema = z.strictObject({
  colour: z.enum(['tonal', 'accent', 'harmony', 'free']),
  metals: z.enum(['match', 'mix']),
  hides: z.enum(['match', 'coordinate', 'contrast']),
  shine: z.enum(['calm', 'repeat']),
  focus: z.enum(['quiet', 'one', 'bold']),
  shape: z.enum(['balance', 'own it']),
  size: z.enum(['true', 'down when generous', 'up to layer']),
  pattern: z.enum(['none', 'one', 'mix']),
}) satisfies z.ZodType<typeof HOUSE_SCHOOLS>;

const profileFields = {
  pronoun: z.enum(PRONOUNS).optional(),
  department: z.enum(DEPARTMENTS).optional(),
  skinHex: hexSchema.optional(),
  hair: z.enum(HAIR).optional(),
  pierced: z.boolean().optional(),
  goals: z.array(z.enum(GOALS)).default([]),
  cover: zones,
  looseOver: zones,
  limits: z
    .strictObject({
      heelMaxMm: z.number().min(0).max(200).optional(),
      openToe: z.boolean().optional(),
      bagMaxG: z.number().min(0).max(20_000).optional(),
      avoidFibres: words,
      avoidMetals: words,
      washableOnly: z.boolean().default(false),
    })
    .default({ avoidFibres: [], avoidMetals: [], washableOnly: false }),
  allergies: words,
  appetite: z
    .strictObject({
      statement: z.enum(['quiet', 'one', 'bold']).optional(),
      pattern: z.enum(['none', 'one', 'mix']).optional(),
      edge: z.number().min(0).max(5).optional(),
    })
    .default({}),
  moods: words,
  colourCard: z
    .strictObject({ like: hexes, avoid: hexes, never: hexes })
    .default({ like: [], avoid: [], never: [] }),
  schools: schoolsSchema.partial().default({}),
  nevers: words,
} as const;

/** A client as stored: everything but the measures, which have a table of their own. */
export const storedProfileSchema = z.strictObject(profileFields);
export type StoredProfile = z.infer<typeof storedProfileSchema>;

/** A client as files write it: measures beside the rest, by their ISO names. */
export const clientFileSchema = z
  .strictObject({ ...bodyMeasuresFields.shape, ...profileFields })
  .superRefine(refuseImpossible)
  .transform((flat): Profile => {
    const measures: Record<string, number | undefined> = {};
    const rest: Record<string, unknown> = {};
    for (const [key, value] of Object.entries(flat)) {
      if (key in bodyMeasuresFields.shape) measures[key] = value as number | undefined;
      else rest[key] = value;
    }
    return { ...(rest as unknown as StoredProfile), measures };
  });
