import { LOCATION_KINDS } from '@core/shop';
import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import { name, uuid } from '../fields';
import type { LocationView } from './shop-page-view';

/** A place where stock stands: a new one, or another name for one that is there. */
export const saveLocationCall = defineCall({
  name: 'save-location',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ id: uuid.optional(), title: name, kind: z.enum(LOCATION_KINDS) }),
  answer: answers<{ readonly locations: readonly LocationView[] }>(),
});
