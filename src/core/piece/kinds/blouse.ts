import { defineKind, TORSO, upper } from './kind';
import { TUCKABLE } from './ways';

export const blouse = defineKind({
  label: 'Blouse',
  noun: 'blouse',
  slot: 'top',
  order: 22,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'main',
  clo: 0.2,
  measures: upper(660, 1040, { upperArm: 380 }),
  formality: 5,
  ways: TUCKABLE,
  wraps: true,
  drawn: { placket: 'with a collar', throat: 'tie', gathered: true, sleeveVolume: 'full' },
});
