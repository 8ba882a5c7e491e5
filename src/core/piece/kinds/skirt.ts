import { defineKind } from './kind';

export const skirt = defineKind({
  label: 'Skirt',
  noun: 'skirt',
  slot: 'bottom',
  order: 31,
  hang: 'waist',
  shape: 'lower',
  covers: ['seat', 'thighs'],
  coversFrom: [
    ['thighs', 480],
    ['knees', 610],
    ['calves', 830],
    ['ankles', 980],
  ],
  part: 'main',
  clo: 0.18,
  measures: { waist: 760, hip: 1040, length: 680, hemWidth: 1300 },
  formality: 5,
  skirted: true,
});
