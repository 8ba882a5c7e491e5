import { z } from 'zod';
import { uuid } from '../fields';

/** Body of a call that names twenty thousand garments, bytes. */
export const GARMENT_IDS_BYTES = 1_200_000;
export const garmentIds = z.array(uuid).min(1, 'nothing chosen').max(20_000, 'at most 20 000 at once');
