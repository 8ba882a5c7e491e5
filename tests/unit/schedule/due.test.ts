import {
  addDays,
  daysBetween,
  dueDates,
  earliestOccasion,
  isDay,
  workingDaysAfter,
  workingDaysBefore,
} from '@core/schedule';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

const lead = { exchangeDays: 5, tryOnDays: 5, transitDays: 2, packDays: 1, styleDays: 2 };
const calendar = { closed: [0, 1], holidays: ['2026-12-08'] };

describe('dueDates', () => {
  it('works backwards over Sundays, Mondays and a holiday', () => {
    // 18 Dec (Fri) − 5 exchange = 13 Dec; − 5 try-on = 8 Dec (holiday), so there by Sat 5; − 2 working = Thu 3.
    expect(dueDates('2026-12-18', lead, calendar)).toEqual({
      occasion: '2026-12-18',
      decideBy: '2026-12-13',
      shipBy: '2026-12-03',
      packBy: '2026-12-03',
      styleBy: '2026-12-02',
    });
  });
  it('lets alterations eat into the time before packing', () => {
    expect(dueDates('2026-12-18', lead, calendar, 3).packBy).toBe('2026-11-28');
  });
  it('never falls on a closed day, and never after what follows it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 9 }), (days, altering) => {
        const due = dueDates(addDays('2026-01-01', days), lead, calendar, altering);
        for (const day of [due.styleBy, due.packBy, due.shipBy]) {
          expect([0, 1]).not.toContain(new Date(`${day}T00:00:00Z`).getUTCDay());
          expect(calendar.holidays).not.toContain(day);
        }
        expect([due.styleBy, due.packBy, due.shipBy, due.decideBy, due.occasion]).toEqual(
          [due.styleBy, due.packBy, due.shipBy, due.decideBy, due.occasion].sort(),
        );
      }),
    );
  });
  it('names the first day that can still be met', () => {
    const earliest = earliestOccasion('2026-11-25', lead, calendar);
    expect(dueDates(earliest, lead, calendar).styleBy >= workingDaysAfter('2026-11-25', 2, calendar)).toBe(
      true,
    );
    expect(
      dueDates(addDays(earliest, -1), lead, calendar).styleBy >= workingDaysAfter('2026-11-25', 2, calendar),
    ).toBe(false);
  });
});

describe('days', () => {
  it('knows a real day from a wrong one', () => {
    expect(isDay('2024-02-29')).toBe(true);
    expect(['2026-02-29', '2026-13-01', '29-02-2024', '2026-2-3'].map(isDay)).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });
  it('counts over the end of summer time', () => expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2));
  it('goes back to the last open day', () =>
    expect(workingDaysBefore('2026-11-30', 0, calendar)).toBe('2026-11-28'));
});
