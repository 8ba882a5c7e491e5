import { defineKind, upper, VEST } from './kind';

export const underlayer = defineKind({
  label: 'Underlayer',
  noun: 'underlayer',
  slot: 'beneath',
  order: 10,
  hang: 'shoulder',
  shape: 'upper',
  covers: VEST,
  part: 'none',
  clo: 0.1,
  measures: upper(600, 860, { shoulder: 320 }),
  sleeve: 'none',
});
