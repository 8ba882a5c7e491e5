import { defineKind, upper, VEST } from './kind';
import { OPEN, BUTTONED } from './ways';

export const gilet = defineKind({
  label: 'Gilet',
  noun: ['gilet', 'puffer vest'],
  slot: 'layer',
  order: 43,
  hang: 'shoulder',
  shape: 'upper',
  covers: VEST,
  part: 'layer',
  clo: 0.25,
  measures: upper(640, 1100),
  formality: 2,
  sleeve: 'none',
  ways: [OPEN, BUTTONED],
  drawn: { front: 'padded' },
});
