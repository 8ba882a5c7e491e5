import ical, { type ICalCalendar, ICalCalendarMethod } from 'ical-generator';

/** A calendar to publish (RFC 5545). `about`: what it holds, as its maker's mark says it. */
export function openCalendar(name: string, about: string): ICalCalendar {
  const calendar = ical({ name, prodId: `//Ivory Rail//${about}//EN` });
  calendar.method(ICalCalendarMethod.PUBLISH);
  return calendar;
}

interface WholeDay {
  readonly id: string;
  readonly stamp: Date;
  readonly summary: string;
  readonly location?: string | null;
}

/** A whole day of it, the same day wherever it is read. */
export const addWholeDay = (calendar: ICalCalendar, day: string, event: WholeDay): void =>
  void calendar.createEvent({
    ...event,
    start: new Date(`${day}T00:00:00Z`),
    allDay: true,
    timezone: 'UTC',
  });
