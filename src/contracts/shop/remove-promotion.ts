import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import { uuid } from '../fields';
import type { PromotionView } from './shop-page-view';

/** Boxes that have gone out keep the terms they went out with. */
export const removePromotionCall = defineCall({
  name: 'remove-promotion',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ id: uuid }),
  answer: answers<{ readonly promotions: readonly PromotionView[] }>(),
});
