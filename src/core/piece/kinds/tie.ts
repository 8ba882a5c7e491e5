import { defineKind } from './kind';

export const tie = defineKind({
  label: 'Tie',
  noun: 'tie',
  slot: 'tie',
  order: 35,
  hang: 'neck',
  shape: 'strip',
  covers: [],
  part: 'none',
  clo: 0,
  measures: { lengthFlat: 1450, width: 80 },
  drawn: { as: 'tie' },
});
