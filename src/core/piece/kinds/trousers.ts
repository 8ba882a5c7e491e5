import { defineKind, LEGS_DOWN, lower } from './kind';
import { OVER_SHOE, IN_BOOT } from './ways';

export const trousers = defineKind({
  label: 'Trousers',
  noun: ['trousers', 'pants'],
  slot: 'bottom',
  order: 30,
  hang: 'waist',
  shape: 'lower',
  covers: LEGS_DOWN,
  part: 'main',
  clo: 0.24,
  measures: lower(),
  formality: 5,
  ways: [OVER_SHOE, IN_BOOT],
  legs: 'long',
  drawn: { trousers: { band: 40, fly: 'button', pockets: 'slant', creased: true } },
});
