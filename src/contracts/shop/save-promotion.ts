import { CATEGORIES } from '@core/piece';
import { PROMOTION_KINDS } from '@core/money';
import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import { text, uuid } from '../fields';
import { daySchema } from '../occasion';
import type { PromotionView } from './shop-page-view';

/** A reduction with its days, in the shop's own zone; both days are within it. */
export const savePromotionCall = defineCall({
  name: 'save-promotion',
  roles: OWNER,
  writes: true,
  input: z
    .strictObject({
      id: uuid.optional(),
      code: text(40).min(1, 'missing'),
      kind: z.enum(PROMOTION_KINDS),
      /** Basis points, or minor units. */
      value: z.number({ error: 'not an amount' }).int().min(1, 'more than nothing').max(100_000_000),
      fromDay: daySchema,
      toDay: daySchema,
      categories: z.array(z.enum(CATEGORIES)).default([]),
    })
    .refine(({ fromDay, toDay }) => fromDay <= toDay, { error: 'ends before it begins', path: ['toDay'] })
    .refine(({ kind, value }) => kind !== 'percent' || value <= 10_000, {
      error: 'at most 100 %',
      path: ['value'],
    }),
  answer: answers<{ readonly promotions: readonly PromotionView[] }>(),
});
