import type { JourneySheet } from '../letter';
import type { Occasion } from '../occasion';
import type { Speaker } from '../say';
import { capital, listed } from '../words';
import type { TravelPlan } from './travel';

/**
 * A packed journey as a letter tells it: what to pack, a line each, and each day with what is worn. The speaker says what is
 * hers and what is in the box.
 */
export const sheetOf = (
  { pieces, days }: Pick<TravelPlan, 'pieces' | 'days'>,
  occasions: readonly Occasion[],
  by: Speaker,
): JourneySheet => ({
  packing: pieces.map(({ id }) => capital(by.called(id))),
  days: days.map(({ day, occasion, look }) => {
    const worn = (look?.pieces ?? []).map(({ id }) => by.called(id));
    const title = occasions[occasion]?.title ?? '';
    const head = title ? `Day ${day}, ${title}` : `Day ${day}`;
    return {
      line: `${head}: ${worn.length > 0 ? listed(worn, by.tongue.english) : 'something worn before'}.`,
      pieces: (look?.pieces ?? []).map(({ id, mode }) => ({ ref: id, ...(mode ? { mode } : {}) })),
    };
  }),
});
