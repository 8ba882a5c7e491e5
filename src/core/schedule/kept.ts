import type { Day } from './due';
import { addMonths } from './rhythm';

/** How long a shop keeps what is personal after a client's last box, months; null: as long as she is a client. */
export interface Keeping {
  readonly measures: number | null;
  readonly photos: number | null;
  readonly boxes: number | null;
}

/** What the app calls them. */
export const KEPT_THINGS = ['measures', 'photos', 'boxes'] as const;
export type KeptThing = (typeof KEPT_THINGS)[number];

/** The last day each is kept, counted from the day of the last box (or, without one, from the day she became a client). */
export const keptUntil = (last: Day, keeping: Keeping): Readonly<Partial<Record<KeptThing, Day>>> =>
  Object.fromEntries(
    KEPT_THINGS.flatMap((thing) => {
      const months = keeping[thing];
      return months === null ? [] : [[thing, addMonths(last, months)]];
    }),
  );
