import { defineKind } from './kind';

export const bracelet = defineKind({
  label: 'Bracelet',
  noun: 'bracelet',
  slot: 'wrist',
  order: 64,
  hang: 'wrist',
  shape: 'jewel',
  covers: [],
  part: 'jewels',
  clo: 0,
  measures: { width: 12 },
  drawn: { as: 'bracelet' },
});
