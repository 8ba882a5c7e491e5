import { z } from 'zod';

export const uuid = z.uuid({ error: 'not an id' });
/** Counts the saves of a row; whoever saves names the one they read. */
export const version = z.number().int().min(1, 'the version is missing').max(2_147_483_647, 'no version');
export const text = (most: number) => z.string().trim().max(most, `at most ${most} characters`);
export const name = text(120).min(1, 'missing');

/** True for a zone that clocks can be set by. */
const isZone = (zone: string): boolean => {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
};

export const timeZone = text(60).refine(isZone, { error: 'not a time zone, as Europe/Dublin' });
