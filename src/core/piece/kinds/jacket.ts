import { defineKind, TORSO, upper } from './kind';
import { OPEN, BUTTONED, OVER_SHOULDERS, PUSHED, HALF_ON } from './ways';

export const jacket = defineKind({
  label: 'Jacket',
  noun: 'jacket',
  slot: 'layer',
  order: 44,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'layer',
  clo: 0.36,
  measures: upper(600, 1080, { upperArm: 420, shoulder: 420 }),
  ways: [OPEN, BUTTONED, OVER_SHOULDERS, HALF_ON, PUSHED],
  drawn: { front: 'short' },
});
