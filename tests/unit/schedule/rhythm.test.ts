import { addMonths, arrivalDates, dayAfter, daysBetween, keptUntil, rhythmWords } from '@core/schedule';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

describe('a rhythm', () => {
  it('counts weeks from its first day', () => {
    const rhythm = { pace: 'weeks', every: 6, firstDay: '2026-11-26' } as const;
    expect(dayAfter(rhythm, '2026-11-25')).toBe('2026-11-26');
    expect(dayAfter(rhythm, '2026-11-26')).toBe('2027-01-07');
    expect(dayAfter(rhythm, '2027-01-08')).toBe('2027-02-18');
  });
  it('keeps to the end of the month where a month is too short, and comes back to the 31st', () => {
    const rhythm = { pace: 'months', every: 1, firstDay: '2027-01-31' } as const;
    const days = ['2027-01-31', '2027-02-28', '2027-03-31', '2027-04-30', '2027-05-31'];
    for (const [i, day] of days.slice(0, -1).entries()) expect(dayAfter(rhythm, day)).toBe(days[i + 1]);
    expect(addMonths('2027-11-30', 3)).toBe('2028-02-29');
  });
  it('always comes after, never later than one step, and on a day of its own row', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('weeks' as const, 'months' as const),
        fc.integer({ min: 1, max: 12 }),
        fc.date({ min: new Date('2026-01-31'), max: new Date('2040-01-01'), noInvalidDate: true }),
        (pace, every, at) => {
          const rhythm = { pace, every, firstDay: '2026-01-31' };
          const after = at.toISOString().slice(0, 10);
          const next = dayAfter(rhythm, after);
          expect(next > after).toBe(true);
          expect(daysBetween(after, next)).toBeLessThanOrEqual(pace === 'weeks' ? every * 7 : every * 31 + 3);
          if (pace === 'weeks') expect(daysBetween('2026-01-31', next) % (every * 7)).toBe(0);
        },
      ),
    );
  });
  it('is said as people say it', () => {
    expect(
      [
        { pace: 'weeks', every: 1 },
        { pace: 'weeks', every: 6 },
        { pace: 'months', every: 1 },
        { pace: 'months', every: 3 },
      ].map((each) => rhythmWords(each as never)),
    ).toEqual(['every week', 'every 6 weeks', 'every month', 'each season']);
  });
});

it('a box that is to be there on a day is sent in time, and its client tries it on after', () => {
  const lead = { exchangeDays: 5, tryOnDays: 5, transitDays: 2, packDays: 1, styleDays: 2 };
  // Sat 5 Dec − 2 working days (closed Sunday and Monday) = Thu 3; it is with her then for five days.
  expect(arrivalDates('2026-12-05', lead, { closed: [0, 1], holidays: [] })).toEqual({
    styleBy: '2026-12-02',
    packBy: '2026-12-03',
    shipBy: '2026-12-03',
    decideBy: '2026-12-10',
  });
});

it('what is kept for so many months is kept to that day, and what has no term is not counted', () => {
  expect(keptUntil('2026-08-31', { measures: 6, photos: null, boxes: 24 })).toEqual({
    measures: '2027-02-28',
    boxes: '2028-08-31',
  });
});
