import { GOALS, ZONES } from '@core/piece';
import { HOUSE_SCHOOLS, type Profile } from '@core/look';
import { z } from 'zod';
import { hexSchema } from './piece';

/** Bounds within which a body measure is believed, mm; outside them it is a slip of unit or key. */
const mm = (min: number, max: number) =>
  z
    .number({ error: 'a number of mm is wanted' })
    .min(min, `at least ${min / 10} cm: is the unit right?`)
    .max(max, `at most ${max / 10} cm: is the unit right?`)
    .optional();

export const bodyMeasuresSchema = z.strictObject({
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
});

const words = z.array(z.string().trim().min(1).max(60)).max(60).default([]);
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
  skinHex: hexSchema.optional(),
  hair: z.enum(['up', 'down']).optional(),
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
  .strictObject({ ...bodyMeasuresSchema.shape, ...profileFields })
  .transform((flat): Profile => {
    const measures: Record<string, number | undefined> = {};
    const rest: Record<string, unknown> = {};
    for (const [key, value] of Object.entries(flat)) {
      if (key in bodyMeasuresSchema.shape) measures[key] = value as number | undefined;
      else rest[key] = value;
    }
    return { ...(rest as unknown as StoredProfile), measures };
  });
