import { defineKind } from './kind';

export const pocketSquare = defineKind({
  label: 'Pocket square',
  noun: 'pocket square',
  slot: 'pocket',
  order: 46,
  hang: 'bust',
  shape: 'strip',
  covers: [],
  part: 'none',
  clo: 0,
  measures: { width: 300 },
  drawn: { as: 'pocket square' },
});
