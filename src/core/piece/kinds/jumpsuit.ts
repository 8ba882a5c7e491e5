import { defineKind, LEGS_DOWN, TORSO, upper } from './kind';
import { asTrousers } from './ways';

export const jumpsuit = defineKind({
  label: 'Jumpsuit',
  noun: 'jumpsuit',
  slot: 'whole',
  order: 30,
  hang: 'shoulder',
  shape: 'whole',
  covers: [...TORSO, ...LEGS_DOWN],
  part: 'main',
  clo: 0.45,
  measures: upper(1450, 980, { waist: 840, hip: 1060, thigh: 640, rise: 300, inseam: 740, legOpening: 460 }),
  formality: 5,
  sleeve: 'none',
  more: [asTrousers],
  legs: 'long',
});
