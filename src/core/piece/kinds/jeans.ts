import { defineKind, LEGS_DOWN, lower } from './kind';
import { OVER_SHOE, IN_BOOT, CUFFED } from './ways';

export const jeans = defineKind({
  label: 'Jeans',
  noun: 'jeans',
  slot: 'bottom',
  order: 30,
  hang: 'waist',
  shape: 'lower',
  covers: LEGS_DOWN,
  part: 'main',
  clo: 0.24,
  measures: lower({ thigh: 580, legOpening: 340 }),
  formality: 3,
  texture: 'denim',
  numbered: 'waist inches',
  ways: [OVER_SHOE, CUFFED, IN_BOOT],
  legs: 'long',
  drawn: { trousers: { band: 40, fly: 'rivet', pockets: 'scooped', hemStitch: 22 } },
});
