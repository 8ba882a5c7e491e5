import { defineKind, TORSO, upper } from './kind';
import { ROLLED, OPEN, BUTTONED } from './ways';

export const overshirt = defineKind({
  label: 'Overshirt',
  noun: 'overshirt',
  slot: 'layer',
  order: 42,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'layer',
  clo: 0.3,
  measures: upper(740, 1140, { upperArm: 430, shoulder: 440 }),
  formality: 3,
  ways: [OPEN, BUTTONED, ROLLED],
  drawn: { front: 'shirt' },
});
