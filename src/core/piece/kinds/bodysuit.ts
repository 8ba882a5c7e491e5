import { defineKind, TORSO, upper } from './kind';
import { WORN_IN, beneath } from './ways';

export const bodysuit = defineKind({
  label: 'Bodysuit',
  noun: 'bodysuit',
  slot: 'top',
  order: 18,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'main',
  clo: 0.1,
  measures: upper(700, 860, { upperArm: 280 }),
  sleeve: 'none',
  ways: [WORN_IN],
  more: [beneath],
  staysIn: true,
  mayShowBelow: true,
});
