import { z } from 'zod';
import { text, uuid } from '../fields';

export const lineInput = z.strictObject({ boxId: uuid, lineId: uuid });
export const fitText = text(400).default('');
