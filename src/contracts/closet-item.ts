import { z } from 'zod';
import { pieceSchema } from './piece';

/** An item of a closet as files and requests carry it: the piece, and how the client stands to it. */
export const closetItemSchema = z.strictObject({
  piece: pieceSchema,
  assumed: z.boolean().default(false),
  loved: z.boolean().default(false),
  wornWeekly: z.boolean().default(false),
});
