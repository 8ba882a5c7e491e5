import { defineKind, upper, VEST } from './kind';
import { TUCKABLE, beneath } from './ways';

export const tank = defineKind({
  label: 'Tank',
  noun: ['vest top', 'tank top'],
  slot: 'top',
  order: 20,
  hang: 'shoulder',
  shape: 'upper',
  covers: VEST,
  part: 'main',
  clo: 0.06,
  measures: upper(620, 920, { shoulder: 330 }),
  formality: 2,
  sleeve: 'none',
  ways: TUCKABLE,
  more: [beneath],
  drawn: { hem: 'turned' },
});
