import { LETTER_LENGTHS, PICTURES, TONES } from '@core/letter';
import { z } from 'zod';
import { text } from '../fields';

export const letterStyleSchema = z.strictObject({
  tone: z.enum(TONES),
  length: z.enum(LETTER_LENGTHS),
  pictures: z.enum(PICTURES),
});

/** How a shop's letters are drafted, and what it says in its own words. */
export const letterVoiceSchema = z.strictObject({
  style: letterStyleSchema,
  signature: text(400),
  phrases: z.array(text(300).min(1, 'an empty phrase says nothing')).max(40, 'at most 40 phrases').readonly(),
});

export const letterSchema = z.strictObject({
  greeting: text(2000),
  pieces: z.array(
    z.strictObject({
      ref: z.string(),
      why: text(1000),
      fit: text(400),
      wear: z.array(text(400)).max(12),
      beneath: z.array(text(400)).max(12),
      facts: text(600),
      care: text(300),
    }),
  ),
  looks: z.array(
    z.strictObject({
      id: z.string(),
      line: text(1000),
      instead: text(600).optional(),
      hidden: z.boolean().optional(),
    }),
  ),
  closing: text(2000),
  journey: z
    .strictObject({
      packing: z.array(text(200)).max(60),
      days: z
        .array(
          z.strictObject({
            line: text(600),
            pieces: z
              .array(z.strictObject({ ref: z.string().max(80), mode: z.string().max(40).optional() }))
              .max(24),
          }),
        )
        .max(120),
    })
    .optional(),
  style: letterStyleSchema.optional(),
  own: z.array(z.string().max(120)).max(600).optional(),
});
