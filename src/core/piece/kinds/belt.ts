import { defineKind } from './kind';

export const belt = defineKind({
  label: 'Belt',
  noun: 'belt',
  slot: 'belt',
  order: 36,
  hang: 'waist',
  shape: 'strip',
  covers: [],
  part: 'none',
  clo: 0,
  measures: { lengthFlat: 1000, width: 30 },
  sizedBy: 'belt',
  drawn: { as: 'belt' },
});
