import { defineKind, lower } from './kind';

export const shorts = defineKind({
  label: 'Shorts',
  noun: 'shorts',
  slot: 'bottom',
  order: 30,
  hang: 'waist',
  shape: 'lower',
  covers: ['seat', 'thighs'],
  part: 'main',
  clo: 0.08,
  measures: lower({ inseam: 200, thigh: 640, legOpening: 600 }),
  formality: 1,
  legs: 'short',
  drawn: { trousers: { band: 40, fly: 'button', pockets: 'slant', hemStitch: 30 } },
});
