import { z } from 'zod';

export const userId = z.string().min(1, 'missing').max(64, 'not an id');
