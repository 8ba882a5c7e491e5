import { z } from 'zod';
import { uuid } from '../fields';

export const photoOf = { of: z.enum(['garment', 'owned']), id: uuid } as const;
