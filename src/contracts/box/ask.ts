import {
  CATEGORIES,
  DEPARTMENTS,
  HOURS,
  PATTERN_KINDS,
  SEASONS,
  TEXTURES,
  VOLUMES,
  ZONES,
} from '@core/piece';
import { SIZE_SYSTEMS } from '@core/fit';
import { type Ask, CARE_WORDS, LENGTH_WORDS } from '@core/reading';
import { z } from 'zod';
import { text } from '../fields';
import { cutSchema, hexSchema, minorSchema } from '../piece';

const colours = z.array(z.strictObject({ name: text(40), hex: hexSchema })).max(12);
const kinds = z.array(z.enum(CATEGORIES)).max(CATEGORIES.length);
const patterns = z.array(z.enum(PATTERN_KINDS)).max(PATTERN_KINDS.length);
const textures = z.array(z.enum(TEXTURES)).max(TEXTURES.length);
const fibres = z.array(text(40)).max(20);
const words = z.array(text(60)).max(60);

/** An ask as it was read, or as somebody changed it afterwards. */
export const askSchema = z.strictObject({
  text: text(200).min(1, 'an ask is empty'),
  kinds,
  notKinds: kinds.optional(),
  count: z.number().int().min(1).max(99).optional(),
  colours: colours.optional(),
  notColours: colours.optional(),
  patterns: patterns.optional(),
  notPatterns: patterns.optional(),
  textures: textures.optional(),
  notTextures: textures.optional(),
  fibres: fibres.optional(),
  notFibres: fibres.optional(),
  cut: cutSchema.optional(),
  notCut: cutSchema.optional(),
  length: z.enum(LENGTH_WORDS).optional(),
  notLength: z.enum(LENGTH_WORDS).optional(),
  cover: z.array(z.enum(ZONES)).max(ZONES.length).optional(),
  heelMaxMm: z.number().int().min(0).max(3000).optional(),
  priceMaxMinor: minorSchema.optional(),
  priceMinMinor: minorSchema.optional(),
  currency: text(3).optional(),
  occasion: text(200).optional(),
  season: z.enum(SEASONS).optional(),
  care: z.array(z.enum(CARE_WORDS)).max(CARE_WORDS.length).optional(),
  joins: z
    .array(z.strictObject({ text: text(200), kinds, colours }))
    .max(12)
    .optional(),
  likePiece: text(200).optional(),
  size: z.strictObject({ system: z.enum(SIZE_SYSTEMS).optional(), label: text(20) }).optional(),
  setOf: text(60).optional(),
  department: z.enum(DEPARTMENTS).optional(),
  volume: z.enum(VOLUMES).optional(),
  formality: z.number().min(0).max(10).optional(),
  hour: z.enum(HOURS).optional(),
  notes: text(300).optional(),
  unknown: words,
}) satisfies z.ZodType<Ask>;
