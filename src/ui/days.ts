const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

/** Today where the person sits, as a calendar day. */
export const todayHere = (): string => new Intl.DateTimeFormat('sv-SE').format(new Date());

/** `Thu 24 Dec` of a calendar day or an instant. */
export const dayWords = (day: string): string =>
  DAY.format(new Date(day.length === 10 ? `${day}T00:00:00Z` : day));

/** `Thu 24 Dec, 02:12` of an instant where the shop is. */
export const instantWords = (instant: string, zone: string): string =>
  new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  }).format(new Date(instant));
