import { defineKind, TORSO, upper } from './kind';
import { ROLLED, OPEN, BUTTONED, OVER_SHOULDERS, BELTED, AS_TOP, HALF_ON } from './ways';

export const blazer = defineKind({
  label: 'Blazer',
  noun: 'blazer',
  slot: 'layer',
  order: 44,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'layer',
  clo: 0.36,
  measures: upper(700, 1060, { upperArm: 400, shoulder: 410 }),
  formality: 6,
  structure: 2,
  ways: [OPEN, BUTTONED, OVER_SHOULDERS, HALF_ON, ROLLED, BELTED, AS_TOP],
  collared: true,
  doesFor: 'jacket',
  drawn: { front: 'tailored' },
});
