import { type Calendar, type Day, workingDaysAfter } from '../schedule';

/** A shop's carrier: none, so that a number is typed; or one that is only played. */
export const CARRIERS = ['none', 'simulated'] as const;
export type Carrier = (typeof CARRIERS)[number];

export type ParcelState = 'handed over' | 'on its way' | 'at the door';

const WEIGHTS = [8, 6, 4, 2, 3, 5, 9, 7] as const;

/**
 * A number of the carrier that is only played: eight digits and the check digit of UPU S10 (weights 8 6 4 2 3 5 9 7, modulo 11),
 * between letters that no post uses.
 */
export function parcelNumber(serial: number): string {
  const digits = String(Math.abs(Math.trunc(serial)) % 1e8).padStart(8, '0');
  const rest = 11 - (WEIGHTS.reduce<number>((sum, weight, i) => sum + weight * Number(digits[i]), 0) % 11);
  const check = rest === 10 ? 0 : rest === 11 ? 5 : rest;
  return `QX${digits}${check}XX`;
}

/** True for a number that the carrier gave which is only played; what somebody typed is another carrier's. */
export const isPlayedNumber = (text: string): boolean => /^QX\d{9}XX$/.test(text);

/** Where a parcel of the carrier that is only played is on a day: it moves on working days, and arrives when it was to. */
export function parcelStands(
  sent: Day,
  today: Day,
  transitDays: number,
  calendar: Calendar,
): { readonly state: ParcelState; readonly arrives: Day } {
  const arrives = workingDaysAfter(sent, transitDays, calendar);
  const state = today >= arrives ? 'at the door' : today > sent ? 'on its way' : 'handed over';
  return { state, arrives };
}
