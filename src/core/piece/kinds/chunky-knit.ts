import { defineKind, TORSO, upper } from './kind';
import { UNTUCKED, FRONT_TUCK } from './ways';

export const chunkyKnit = defineKind({
  label: 'Chunky knit',
  noun: ['chunky jumper', 'chunky sweater'],
  slot: 'top',
  order: 26,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'main',
  clo: 0.36,
  measures: upper(640, 1140, { shoulder: 450, upperArm: 430 }),
  formality: 3,
  texture: 'rib',
  ways: [UNTUCKED, FRONT_TUCK],
  knitted: true,
  drawn: { ribs: { band: 62, pitch: 15, as: 'fold' } },
});
