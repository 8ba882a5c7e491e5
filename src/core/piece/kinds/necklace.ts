import { defineKind } from './kind';

export const necklace = defineKind({
  label: 'Necklace',
  noun: 'necklace',
  slot: 'neck',
  order: 34,
  hang: 'neck',
  shape: 'jewel',
  covers: [],
  part: 'jewels',
  clo: 0,
  measures: { chain: 450 },
  drawn: { as: 'necklace' },
});
