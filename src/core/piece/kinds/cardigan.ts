import { defineKind, TORSO, upper } from './kind';
import { OPEN, BUTTONED, OVER_SHOULDERS, BELTED, PUSHED, AS_TOP } from './ways';

export const cardigan = defineKind({
  label: 'Cardigan',
  noun: 'cardigan',
  slot: 'layer',
  order: 40,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'layer',
  clo: 0.3,
  measures: upper(660, 1060, { upperArm: 380 }),
  texture: 'rib',
  ways: [OPEN, BUTTONED, BELTED, PUSHED, OVER_SHOULDERS, AS_TOP],
  knitted: true,
  drawn: { front: 'knitted' },
});
