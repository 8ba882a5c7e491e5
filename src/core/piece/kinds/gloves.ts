import { defineKind } from './kind';

export const gloves = defineKind({
  label: 'Gloves',
  noun: 'gloves',
  slot: 'gloves',
  order: 66,
  hang: 'hand',
  shape: 'hand',
  covers: [],
  part: 'none',
  clo: 0.05,
  measures: { length: 240 },
  sizedBy: 'hand',
});
