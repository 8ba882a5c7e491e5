import { defineKind, TORSO, upper } from './kind';
import { UNTUCKED, FRONT_TUCK, PUSHED, ROUND_SHOULDERS } from './ways';

export const sweatshirt = defineKind({
  label: 'Sweatshirt',
  noun: 'sweatshirt',
  slot: 'top',
  order: 26,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'main',
  clo: 0.3,
  measures: upper(640, 1200, { waist: 1160, hip: 1020, shoulder: 450, upperArm: 440, sleeve: 590 }),
  formality: 1,
  ways: [UNTUCKED, FRONT_TUCK, PUSHED, ROUND_SHOULDERS],
  drawn: { ribs: { band: 50, pitch: 13, as: 'stitch' }, throat: 'v' },
});
