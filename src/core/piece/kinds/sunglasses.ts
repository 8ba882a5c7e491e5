import { defineKind } from './kind';

export const sunglasses = defineKind({
  label: 'Sunglasses',
  noun: 'sunglasses',
  slot: 'eyes',
  order: 74,
  hang: 'head',
  shape: 'jewel',
  covers: [],
  part: 'none',
  clo: 0,
  measures: { width: 140 },
  drawn: { as: 'sunglasses' },
});
