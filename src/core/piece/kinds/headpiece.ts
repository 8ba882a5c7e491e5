import { defineKind } from './kind';

export const headpiece = defineKind({
  label: 'Headpiece',
  noun: 'headpiece',
  slot: 'head',
  order: 71,
  hang: 'head',
  shape: 'head',
  covers: [],
  part: 'jewels',
  clo: 0,
  measures: { width: 180 },
  crowns: true,
  drawn: { as: 'headpiece' },
});
