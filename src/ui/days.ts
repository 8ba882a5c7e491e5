import { localeOf } from '@core/words';
import { pageTongue } from './tongue';

const DAY = { weekday: 'short', day: 'numeric', month: 'short' } as const;
const formats = new Map<string, Intl.DateTimeFormat>();
/** One formatter a locale: making one costs more than it does. */
function formatIn(locale: string): Intl.DateTimeFormat {
  const made = formats.get(locale) ?? new Intl.DateTimeFormat(locale, { ...DAY, timeZone: 'UTC' });
  formats.set(locale, made);
  return made;
}

/** Today where the person sits, as a calendar day. */
export const todayHere = (): string => new Intl.DateTimeFormat('sv-SE').format(new Date());

/** `Thu 24 Dec`, or `Thu, Dec 24` where the shop writes so, of a calendar day or an instant. */
export const dayWords = (day: string): string =>
  formatIn(localeOf(pageTongue())).format(new Date(day.length === 10 ? `${day}T00:00:00Z` : day));

/** `Thu 24 Dec, 02:12` of an instant where the shop is. */
export const instantWords = (instant: string, zone: string): string =>
  new Intl.DateTimeFormat(localeOf(pageTongue()), {
    ...DAY,
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  }).format(new Date(instant));
