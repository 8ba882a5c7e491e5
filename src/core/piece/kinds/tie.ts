import { defineKind } from './kind';
import { SMALL_KNOT, WIDE_KNOT } from './ways';

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
  ways: [SMALL_KNOT, WIDE_KNOT],
  drawn: { as: 'tie' },
});
