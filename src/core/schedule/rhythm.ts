import { addDays, type Day } from './due';

/** What a rhythm counts in. */
export const PACES = ['weeks', 'months'] as const;
export type Pace = (typeof PACES)[number];

/** A box every so often, counted from the first, so that the 31st of a short month does not become the 28th for good. */
export interface Rhythm {
  readonly pace: Pace;
  readonly every: number;
  readonly firstDay: Day;
}

/** Most steps looked through: two boxes a week for a long life. */
const STEPS_MOST = 10_000;

/** The same day of the month so many months later, or the last day of a month that is too short. */
export function addMonths(day: Day, months: number): Day {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  const first = new Date(Date.UTC(year, month - 1 + months, 1));
  const last = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
  first.setUTCDate(Math.min(date, last));
  return first.toISOString().slice(0, 10);
}

/** The first day of a rhythm after `after`. */
export function dayAfter({ pace, every, firstDay }: Rhythm, after: Day): Day {
  for (let i = 0; i < STEPS_MOST; i++) {
    const day = pace === 'weeks' ? addDays(firstDay, i * every * 7) : addMonths(firstDay, i * every);
    if (day > after) return day;
  }
  throw new RangeError(`no day of the rhythm from ${firstDay} after ${after}`);
}

/** "every 6 weeks", "each season". */
export function rhythmWords({ pace, every }: Pick<Rhythm, 'pace' | 'every'>): string {
  if (pace === 'months' && every === 3) return 'each season';
  const one = pace === 'weeks' ? 'week' : 'month';
  return every === 1 ? `every ${one}` : `every ${every} ${one}s`;
}
