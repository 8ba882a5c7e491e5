import { z } from 'zod';
import { text } from '../fields';

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
  looks: z.array(z.strictObject({ id: z.string(), line: text(1000) })),
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
});
