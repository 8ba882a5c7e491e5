import { RETURN_REASONS } from '@core/box';
import { FIT_POINTS } from '@core/fit';
import { z } from 'zod';
import { text } from '../fields';

/** Why a piece comes back, as far as it was said. */
export const why = {
  reason: z.enum(RETURN_REASONS).nullable().default(null),
  /** Where it was too small or too big. */
  fitPoint: z.enum(FIT_POINTS).nullable().default(null),
  /** In the client's words. */
  note: text(400).default(''),
};
