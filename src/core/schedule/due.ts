/** A calendar day, `YYYY-MM-DD`. */
export type Day = string;

/** How long things take in a shop, in days. */
export interface LeadTimes {
  /** Calendar days to exchange a size after the client decides. */
  readonly exchangeDays: number;
  /** Calendar days the client has to try things on. */
  readonly tryOnDays: number;
  /** Working days in the post. */
  readonly transitDays: number;
  /** Working days to pack. */
  readonly packDays: number;
  /** Working days to style. */
  readonly styleDays: number;
}

export interface Calendar {
  /** Weekdays the shop is closed, 0 Sunday .. 6 Saturday. */
  readonly closed: readonly number[];
  readonly holidays: readonly Day[];
}

export interface DueDates {
  readonly styleBy: Day;
  readonly packBy: Day;
  readonly shipBy: Day;
  readonly decideBy: Day;
  /** Absent for a box of a rhythm, which is for no occasion. */
  readonly occasion?: Day | undefined;
}

const DAY_MS = 86_400_000;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** True for a real calendar day: 2026-02-30 is none. */
export function isDay(text: string): boolean {
  if (!DAY.test(text)) return false;
  const at = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === text;
}

/** The day `days` calendar days later (earlier when negative). */
export const addDays = (day: Day, days: number): Day =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

/** Calendar days from one day to another. */
export const daysBetween = (from: Day, to: Day): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);

const isOpen = (day: Day, calendar: Calendar): boolean =>
  !calendar.closed.includes(new Date(`${day}T00:00:00Z`).getUTCDay()) && !calendar.holidays.includes(day);

/** The working day `days` working days before `day`; 0 gives `day` itself, or the last open day before it. */
export function workingDaysBefore(day: Day, days: number, calendar: Calendar): Day {
  if (calendar.closed.length >= 7) return addDays(day, -days);
  let at = day;
  while (!isOpen(at, calendar)) at = addDays(at, -1);
  for (let left = days; left > 0;) {
    at = addDays(at, -1);
    if (isOpen(at, calendar)) left--;
  }
  return at;
}

/** The day `days` working days after `day`. */
export function workingDaysAfter(day: Day, days: number, calendar: Calendar): Day {
  if (calendar.closed.length >= 7) return addDays(day, days);
  let at = day;
  for (let left = days; left > 0;) {
    at = addDays(at, 1);
    if (isOpen(at, calendar)) left--;
  }
  return at;
}

/**
 * Latest dates worked backwards from an occasion: occasion − exchange − try-on = it must be there;
 * − transit = ship by; then alterations, packing and styling before that.
 */
export function dueDates(occasion: Day, lead: LeadTimes, calendar: Calendar, alterationDays = 0): DueDates {
  const decideBy = addDays(occasion, -lead.exchangeDays);
  return {
    ...readyFor(addDays(decideBy, -lead.tryOnDays), lead, calendar, alterationDays),
    decideBy,
    occasion,
  };
}

/** Latest dates of a box its client should have by a day, whatever she wears it to. */
export const arrivalDates = (
  arriveBy: Day,
  lead: LeadTimes,
  calendar: Calendar,
  alterationDays = 0,
): DueDates => ({
  ...readyFor(arriveBy, lead, calendar, alterationDays),
  decideBy: addDays(arriveBy, lead.tryOnDays),
});

function readyFor(arriveBy: Day, lead: LeadTimes, calendar: Calendar, alterationDays: number) {
  const shipBy = workingDaysBefore(arriveBy, lead.transitDays, calendar);
  const packBy = workingDaysBefore(shipBy, alterationDays, calendar);
  const styleBy = workingDaysBefore(packBy, lead.packDays, calendar);
  return { styleBy, packBy, shipBy };
}

/** The nearest occasion day that can still be met when styling starts today. */
export function earliestOccasion(today: Day, lead: LeadTimes, calendar: Calendar, alterationDays = 0): Day {
  let day = today;
  for (let i = 0; i < 200; i++) {
    if (
      dueDates(day, lead, calendar, alterationDays).styleBy >=
      workingDaysAfter(today, lead.styleDays, calendar)
    )
      return day;
    day = addDays(day, 1);
  }
  return day;
}
