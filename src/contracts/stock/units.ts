import { z } from 'zod';

export const unitsSchema = z
  .number({ error: 'a whole number is wanted' })
  .int('a whole number is wanted')
  .min(0, 'not below 0')
  .max(100_000, 'too many');
