import {
  COLOUR_ORIGINS,
  BACKS,
  CARES,
  IRONINGS,
  CATEGORIES,
  DEPARTMENTS,
  DIRECTIONS,
  EFFECTS,
  FINISHES,
  type GivenPiece,
  HOURS,
  JEWEL_MATERIALS,
  LEGS,
  MEASURES,
  METALS,
  NECKLINES,
  PATTERN_KINDS,
  RISES,
  SEASONS,
  SHEERS,
  SIDES,
  SILHOUETTES,
  SLEEVES,
  SLOTS,
  SOLES,
  STRAPS,
  TEXTURES,
  TOES,
  VOLUMES,
  WAIST_DETAILS,
  WEIGHTS,
  ZONES,
  ORIGINS,
} from '@core/piece';
import { isHex } from '@core/colour';
import { z } from 'zod';

const oneOf = <T extends readonly [string, ...string[]]>(words: T) =>
  z.enum(words, { error: (issue) => `${JSON.stringify(issue.input)}: not one of ${words.join(', ')}` });
const number = (min: number, max: number, unit: string) =>
  z
    .number({ error: 'a number is wanted' })
    .min(min, `at least ${min} ${unit}`.trim())
    .max(max, `at most ${max} ${unit}`.trim());

export const hexSchema = z
  .string({ error: 'not a colour' })
  .refine(isHex, { error: 'not a colour' })
  .transform((hex) => hex.toLowerCase());
/** The most an amount may be, minor units. */
export const MOST_MINOR = 100_000_000;
export const minorSchema = z
  .number({ error: 'a whole amount of cents is wanted' })
  .int('a whole amount of cents is wanted')
  .min(0, 'not below 0')
  .max(MOST_MINOR, 'too large');
const idSchema = z.string().trim().min(1, 'missing').max(80, 'at most 80 characters');

export const coloursSchema = z
  .array(
    z.strictObject({
      hex: hexSchema,
      share: number(0, 1, ''),
      name: z.string().max(40).optional(),
      origin: z.enum(COLOUR_ORIGINS).optional(),
    }),
    { error: 'a list of colours is wanted' },
  )
  .min(1, 'at least one colour')
  .max(6, 'at most 6 colours')
  .refine((list) => Math.abs(list.reduce((sum, { share }) => sum + share, 0) - 1) <= 0.01, {
    error: 'the shares do not add up to 1',
  })
  .transform((list) => [...list].sort((a, b) => b.share - a.share));

/** Bounds within which a measure is believed, mm. */
const BOUNDS: Readonly<Record<(typeof MEASURES)[number], readonly [number, number]>> = {
  length: [40, 2200],
  lengthBack: [40, 2200],
  bust: [400, 2400],
  waist: [300, 2400],
  hip: [400, 2600],
  thigh: [200, 1400],
  upperArm: [120, 900],
  hemWidth: [300, 12_000],
  shoulder: [200, 800],
  sleeve: [20, 900],
  rise: [100, 500],
  inseam: [20, 1100],
  legOpening: [100, 1400],
  shaft: [20, 800],
  shaftGirth: [120, 700],
  heel: [0, 200],
  platform: [0, 120],
  chain: [200, 1500],
  caseMm: [10, 70],
  width: [1, 3000],
  lengthFlat: [10, 4000],
  hemAllowance: [0, 200],
};

export const measuresSchema = z
  .strictObject(
    Object.fromEntries(
      MEASURES.map((name) => [name, number(BOUNDS[name][0], BOUNDS[name][1], 'mm').optional()]),
    ) as Record<(typeof MEASURES)[number], z.ZodOptional<z.ZodNumber>>,
  )
  .superRefine((given, context) => {
    const impossible = (path: keyof typeof given, message: string): void =>
      context.addIssue({ code: 'custom', path: [path], message });
    const { inseam, length, rise, sleeve, heel, platform } = given;
    if (inseam !== undefined && length !== undefined && inseam >= length)
      impossible('inseam', `${inseam} mm is as long as the whole leg of ${length} mm`);
    if (rise !== undefined && length !== undefined && rise >= length)
      impossible('rise', `${rise} mm is as long as the whole leg of ${length} mm`);
    if (platform !== undefined && heel !== undefined && platform > heel)
      impossible('platform', `${platform} mm is higher than the heel of ${heel} mm, which includes it`);
    if (sleeve !== undefined && length !== undefined && sleeve > length * 2.5)
      impossible('sleeve', `${sleeve} mm does not belong to a length of ${length} mm`);
  });
const originsSchema = z.partialRecord(z.enum(MEASURES), z.enum(ORIGINS));

export const fabricSchema = z.strictObject({
  fibres: z.array(z.strictObject({ name: z.string().min(1).max(40), pct: number(0, 100, '%') })).optional(),
  texture: oneOf(TEXTURES).optional(),
  finish: oneOf(FINISHES).optional(),
  weight: oneOf(WEIGHTS).optional(),
  sheer: oneOf(SHEERS).optional(),
  stretchPct: number(0, 100, '%').optional(),
  lined: z.boolean().optional(),
});
const wholeFabric = fabricSchema.required();

export const cutSchema = z.strictObject({
  neckline: oneOf(NECKLINES).optional(),
  necklineDepthMm: number(0, 600, 'mm').optional(),
  strap: oneOf(STRAPS).optional(),
  bareSide: oneOf(SIDES).optional(),
  sleeve: oneOf(SLEEVES).optional(),
  sleeveVolume: oneOf(VOLUMES).optional(),
  back: oneOf(BACKS).optional(),
  silhouette: oneOf(SILHOUETTES).optional(),
  waistDetail: oneOf(WAIST_DETAILS).optional(),
  leg: oneOf(LEGS).optional(),
  rise: oneOf(RISES).optional(),
  toe: oneOf(TOES).optional(),
  sole: oneOf(SOLES).optional(),
  heelTipMm: number(4, 120, 'mm').optional(),
  drop: number(0, 200, 'mm').optional(),
  train: z.boolean().optional(),
});

const patternSchema = z.strictObject({
  kind: oneOf(PATTERN_KINDS).optional(),
  direction: oneOf(DIRECTIONS).optional(),
  repeatMm: number(1, 1000, 'mm').optional(),
  contrast: number(0, 1, '').optional(),
});

const words = z.array(z.string().min(1).max(60)).max(40);

/** Everything about a piece that a way of wearing may change, as files and the database hold it. */
const attributesShape = {
  slot: oneOf(SLOTS).optional(),
  parts: z
    .array(
      z.strictObject({
        zone: oneOf(ZONES),
        fabric: wholeFabric.optional(),
        colours: coloursSchema.optional(),
        detachable: z.boolean().optional(),
        priceMinor: minorSchema.optional(),
      }),
    )
    .optional(),
  metal: oneOf(METALS).optional(),
  metalContent: words.optional(),
  material: oneOf(JEWEL_MATERIALS).optional(),
  hour: oneOf(HOURS).optional(),
  seasons: z.array(oneOf(SEASONS)).optional(),
  statement: number(0, 5, '').optional(),
  moods: words.optional(),
  edge: number(0, 5, '').optional(),
  volume: oneOf(VOLUMES).optional(),
  structure: number(0, 3, '').optional(),
  cut: cutSchema.optional(),
  measures: measuresSchema.optional(),
  covers: z.array(oneOf(ZONES)).optional(),
  features: z
    .array(z.strictObject({ zone: oneOf(ZONES), what: z.string().max(80), atMm: z.number().optional() }))
    .optional(),
  facts: z
    .strictObject({
      closure: z.string().max(80).optional(),
      pockets: z.strictObject({ real: number(0, 20, ''), depthMm: number(0, 600, 'mm') }).optional(),
      vent: z.boolean().optional(),
      beltLoops: z.boolean().optional(),
      waterproof: z.boolean().optional(),
      releasedHem: z.boolean().optional(),
      reversible: z.boolean().optional(),
    })
    .optional(),
  warmthClo: number(0, 3, 'clo').optional(),
  care: oneOf(CARES).optional(),
  ironing: oneOf(IRONINGS).optional(),
  weightG: number(1, 20_000, 'g').optional(),
  department: oneOf(DEPARTMENTS).optional(),
  bag: z.strictObject({ capacityL: number(0, 200, 'l'), zip: z.boolean() }).optional(),
  fastensTo: z.array(z.string().trim().min(1, 'missing').max(80)).max(20).optional(),
} as const;

const changesSchema = z
  .strictObject({
    ...attributesShape,
    colours: coloursSchema,
    pattern: patternSchema.required({ kind: true, repeatMm: true, contrast: true }),
    fabric: wholeFabric,
    formality: number(0, 10, ''),
  })
  .partial();

/** What a way of wearing does; one whose id is known need not say it. */
const effectsSchema = z
  .strictObject(
    Object.fromEntries(Object.entries(EFFECTS).map(([name, words]) => [name, oneOf(words)])) as unknown as {
      [name in keyof typeof EFFECTS]: z.ZodType<(typeof EFFECTS)[name][number]>;
    },
  )
  .partial();

const modeSchema = z.strictObject({
  id: idSchema,
  title: z.string().max(60),
  how: z.string().max(300),
  changes: changesSchema.default({}),
  effects: effectsSchema.optional(),
});

/** A piece of a look file: everything optional but `id`, `category` and `colours`. */
export const pieceSchema = z.strictObject({
  ...attributesShape,
  id: idSchema,
  title: z.string().min(1).max(120).optional(),
  owned: z.boolean().optional(),
  assumed: z.boolean().optional(),
  nudge: z.boolean().optional(),
  styleId: z.string().max(80).optional(),
  set: z.string().max(80).optional(),
  category: oneOf(CATEGORIES),
  colours: coloursSchema,
  pattern: patternSchema.optional(),
  fabric: fabricSchema.optional(),
  formality: number(0, 10, '').optional(),
  priceMinor: minorSchema.optional(),
  origins: originsSchema.optional(),
  modes: z.array(modeSchema).max(20).optional(),
  mode: z.string().max(40).optional(),
});

/** Attributes as stored in the one validated JSON column beside the typed ones. */
export const storedAttributesSchema = z.strictObject({
  ...attributesShape,
  pattern: patternSchema.optional(),
  fabric: fabricSchema.optional(),
  modes: z.array(modeSchema).max(20).optional(),
  // Of an owned piece: what it is a colourway of, and what it was cut with; a garment has columns for both.
  styleId: z.string().max(80).optional(),
  set: z.string().max(80).optional(),
});
export type StoredAttributes = z.infer<typeof storedAttributesSchema>;

// The schema and the core type say the same; this line fails to compile when they drift apart.
export const asGiven = (piece: z.infer<typeof pieceSchema>): GivenPiece => piece as GivenPiece;
