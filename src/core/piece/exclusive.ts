import type { Slot } from './words';

/** Slots that take one piece only; the rest may hold several (two rings, a cardigan under a coat). */
export const EXCLUSIVE: ReadonlySet<Slot> = new Set([
  'top',
  'bottom',
  'whole',
  'legwear',
  'shoes',
  'bag',
  'belt',
  'ears',
  'eyes',
  'gloves',
  'watch',
  'tie',
  'pocket',
]);
