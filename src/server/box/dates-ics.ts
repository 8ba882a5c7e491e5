import type { BoxView } from '@contracts/box/box-view';
import { boxDates } from '@core/parcel';
import { addWholeDay, openCalendar } from '../calendar';
import { instantIn } from '../shop/settings';

/** How long a fitting in the shop takes. Common practice, no source. */
const FITTING_MIN = 60;

/** The days of a box for any calendar (RFC 5545): whole days, and the appointment by its instant. */
export function datesIcs(view: BoxView, zone: string, now: Date): string {
  const { id, number, shop, packing, decideBy, returnBy } = view;
  const chosen = view.occasions.filter((each) => view.occasionIds.includes(each.id));
  const calendar = openCalendar(`Box ${number}, ${shop.name}`, 'Box');
  const dates = boxDates({
    shopName: shop.name,
    number,
    occasions: chosen.map(({ occasion }) => occasion),
    decideBy,
    returnBy,
    appointment: packing.appointment,
  });
  for (const [i, { what, on, title }] of dates.entries()) {
    const event = { id: `${id}-${i}@ivory-rail`, stamp: now, summary: title };
    if (what === 'appointment') {
      const start = instantIn(zone, on);
      calendar.createEvent({ ...event, start, end: new Date(start.getTime() + FITTING_MIN * 60_000) });
    } else addWholeDay(calendar, on, event);
  }
  return calendar.toString();
}
