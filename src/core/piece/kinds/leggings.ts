import { defineKind, LEGS_DOWN, lower } from './kind';

export const leggings = defineKind({
  label: 'Leggings',
  noun: 'leggings',
  slot: 'bottom',
  order: 29,
  hang: 'waist',
  shape: 'lower',
  covers: LEGS_DOWN,
  part: 'main',
  clo: 0.14,
  measures: lower({ waist: 640, hip: 860, thigh: 500, legOpening: 210, inseam: 700 }),
  formality: 1,
  legs: 'close',
  leg: 'skinny',
  drawn: { trousers: { band: 60 } },
});
