import { defineKind } from './kind';

export const brooch = defineKind({
  label: 'Brooch',
  noun: 'brooch',
  slot: 'brooch',
  order: 61,
  hang: 'bust',
  shape: 'jewel',
  covers: [],
  part: 'jewels',
  clo: 0,
  measures: { width: 45 },
  drawn: { as: 'brooch' },
});
