import { defineKind } from './kind';

export const veil = defineKind({
  label: 'Veil',
  noun: 'veil',
  slot: 'head',
  order: 72,
  hang: 'head',
  shape: 'head',
  covers: ['head'],
  part: 'none',
  clo: 0,
  measures: { length: 700, width: 1400 },
  crowns: true,
  drawn: { as: 'veil' },
});
