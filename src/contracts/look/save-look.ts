import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid, version } from '../fields';

const pieceRef = z.strictObject({
  ref: z.string().regex(/^(line|owned):[0-9a-f-]{36}$/, 'not a piece of this box or closet'),
  mode: z.string().max(40).optional(),
});

export const saveLookCall = defineCall({
  name: 'save-look',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    id: uuid.optional(),
    version: version.optional(),
    occasionId: uuid.nullable(),
    title: text(80).default(''),
    pieces: z.array(pieceRef).min(1, 'a look has at least one piece').max(24, 'a look has at most 24 pieces'),
    overrules: z
      .array(
        z.strictObject({
          rule: z.string().max(8),
          about: z.string().max(2000),
          reason: text(300).min(1, 'a reason is wanted'),
        }),
      )
      .default([]),
    /** What comes off at a stage of the occasion. */
    stages: z
      .array(z.strictObject({ title: text(80), off: z.array(z.string().max(60)).max(24) }))
      .max(8)
      .default([]),
    note: text(2000).default(''),
  }),
  answer: answers<DressedBox>(),
});
