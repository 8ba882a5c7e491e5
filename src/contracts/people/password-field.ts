import { z } from 'zod';

export const passwordField = z.string().min(12, 'at least 12 characters').max(128, 'at most 128 characters');
