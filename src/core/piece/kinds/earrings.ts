import { defineKind } from './kind';

export const earrings = defineKind({
  label: 'Earrings',
  noun: 'earrings',
  slot: 'ears',
  order: 73,
  hang: 'ear',
  shape: 'jewel',
  covers: [],
  part: 'jewels',
  clo: 0,
  measures: { width: 15 },
  drawn: { as: 'earrings' },
});
