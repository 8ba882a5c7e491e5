import type { Day } from '../schedule';

/** A day of a box that somebody may want in a calendar. */
export interface BoxDate {
  readonly what: 'occasion' | 'decide' | 'send back' | 'appointment';
  /** A whole day; an appointment has day and time by the shop's clock, `2026-12-05T14:00`. */
  readonly on: Day | string;
  readonly title: string;
}

interface Given {
  readonly shopName: string;
  readonly number: number;
  readonly occasions: readonly { readonly title: string; readonly date?: string | undefined }[];
  readonly decideBy?: Day | undefined;
  readonly returnBy?: Day | undefined;
  readonly appointment?: string | undefined;
}

/** Days of a box worth a place in a calendar, in the order in which they come. */
export function boxDates({ shopName, number, occasions, decideBy, returnBy, appointment }: Given): BoxDate[] {
  const dates: BoxDate[] = [
    ...occasions.flatMap(({ title, date }): BoxDate[] =>
      date ? [{ what: 'occasion', on: date, title }] : [],
    ),
    ...(appointment
      ? [{ what: 'appointment' as const, on: appointment, title: `Fitting at ${shopName}` }]
      : []),
    ...(decideBy
      ? [{ what: 'decide' as const, on: decideBy, title: `Say what stays of box ${number}, ${shopName}` }]
      : []),
    ...(returnBy
      ? [{ what: 'send back' as const, on: returnBy, title: `Send back what does not stay, ${shopName}` }]
      : []),
  ];
  return dates.sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}
