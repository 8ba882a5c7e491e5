import { defineKind, TORSO, upper } from './kind';
import { BELTED, OPEN, BUTTONED, OVER_SHOULDERS } from './ways';

export const coat = defineKind({
  label: 'Coat',
  noun: 'coat',
  slot: 'layer',
  order: 50,
  hang: 'shoulder',
  shape: 'upper',
  covers: [...TORSO, 'seat', 'thighs'],
  coversFrom: [
    ['thighs', 880],
    ['knees', 1010],
    ['calves', 1230],
  ],
  part: 'layer',
  clo: 0.6,
  measures: upper(1080, 1160, { upperArm: 460, shoulder: 430, hip: 1220 }),
  formality: 5,
  structure: 2,
  ways: [OPEN, BUTTONED, BELTED, OVER_SHOULDERS],
  collared: true,
  outer: true,
  drawn: { front: 'coat' },
});
