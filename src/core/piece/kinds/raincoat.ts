import { defineKind, TORSO, upper } from './kind';
import { BELTED, OPEN, BUTTONED } from './ways';

export const raincoat = defineKind({
  label: 'Raincoat',
  noun: 'raincoat',
  slot: 'layer',
  order: 52,
  hang: 'shoulder',
  shape: 'upper',
  covers: [...TORSO, 'seat', 'thighs'],
  coversFrom: [
    ['thighs', 880],
    ['knees', 1010],
    ['calves', 1230],
  ],
  part: 'layer',
  clo: 0.4,
  measures: upper(980, 1160, { upperArm: 460, shoulder: 430, hip: 1220 }),
  formality: 3,
  ways: [OPEN, BUTTONED, BELTED],
  collared: true,
  outer: true,
  drawn: { front: 'hooded' },
});
