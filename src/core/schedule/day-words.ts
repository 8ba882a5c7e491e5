import { memoNamed } from '../memo';
import { HOUSE_TONGUE, localeOf, type Tongue } from '../words';
import type { Day } from './due';

const longDays = memoNamed(
  (locale) =>
    new Intl.DateTimeFormat(locale, { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' }),
);

/** `Monday 14 December` of a calendar day, in the reader's English. */
export const dayInWords = (day: Day, tongue: Tongue = HOUSE_TONGUE): string =>
  longDays(localeOf(tongue))
    .format(new Date(`${day}T00:00:00Z`))
    .replace(',', '');
