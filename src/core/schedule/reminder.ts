import { countWord, type Tongue } from '../words';
import { dayInWords } from './day-words';
import { addDays, type Day } from './due';

/** A day that is longer ago is a matter for the telephone, also where a shop only now begins to remind. */
const CHASED_DAYS = 14;

/** Before the day to decide, or after it has gone by. */
export type ReminderKind = 'before' | 'after';

export interface ReminderState {
  readonly today: Day;
  readonly decideBy: Day;
  /** How many days before it a client is reminded; null: never. */
  readonly remindDays: number | null;
  /** What she was written already. */
  readonly written: readonly ReminderKind[];
}

/** Which reminder is due: one before the day, one once it has gone by; each once, and the first is not sent late. */
export function reminderDue({
  today,
  decideBy,
  remindDays,
  written,
}: ReminderState): ReminderKind | undefined {
  if (remindDays === null || written.includes('after')) return undefined;
  if (today > decideBy) return today <= addDays(decideBy, CHASED_DAYS) ? 'after' : undefined;
  return written.length === 0 && today >= addDays(decideBy, -remindDays) ? 'before' : undefined;
}

/** What a reminder says above the link to her page. */
export function reminderWords(
  kind: ReminderKind,
  {
    name,
    decideBy,
    open,
    silentKeepFrom,
  }: {
    readonly name: string;
    readonly decideBy: Day;
    readonly open: number;
    /** What she says nothing of is hers from this day on; absent: silence is no answer. */
    readonly silentKeepFrom?: Day | undefined;
  },
  tongue: Tongue,
): string {
  const dear = `Dear ${name.split(' ')[0]}, `;
  const day = dayInWords(decideBy, tongue);
  const pieces = open === 1 ? 'one piece is still open' : `${countWord(open)} pieces are still open`;
  const silent = silentKeepFrom
    ? ` Anything we haven’t heard about by ${dayInWords(silentKeepFrom, tongue)} counts as kept.`
    : '';
  return kind === 'before'
    ? `${dear}${pieces}. Let us know by ${day} what you’re keeping; here you can say it piece by piece:`
    : `${dear}we’d hoped to hear from you by ${day}, and ${pieces}.${silent} Say what you’re keeping here, or tell us if you need longer:`;
}
