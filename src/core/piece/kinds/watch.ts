import { defineKind } from './kind';

export const watch = defineKind({
  label: 'Watch',
  noun: 'watch',
  slot: 'watch',
  order: 64,
  hang: 'wrist',
  shape: 'jewel',
  covers: [],
  part: 'jewels',
  clo: 0,
  measures: { caseMm: 36 },
  drawn: { as: 'watch' },
});
