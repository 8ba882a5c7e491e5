import { uuid } from '../fields';

export const atPlace = { variantId: uuid, locationId: uuid } as const;
