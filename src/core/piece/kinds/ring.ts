import { defineKind } from './kind';

export const ring = defineKind({
  label: 'Ring',
  noun: 'ring',
  slot: 'hand',
  order: 65,
  hang: 'hand',
  shape: 'jewel',
  covers: [],
  part: 'jewels',
  clo: 0,
  measures: { width: 8 },
  sizedBy: 'finger',
  drawn: { as: 'ring' },
});
