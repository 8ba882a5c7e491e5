import { z } from 'zod';
import { uuid } from '../fields';

export const lineInput = z.strictObject({ boxId: uuid, lineId: uuid });
