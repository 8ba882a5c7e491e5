import { defineKind, upper, VEST } from './kind';
import { OPEN, BUTTONED, AS_TOP } from './ways';

export const waistcoat = defineKind({
  label: 'Waistcoat',
  noun: ['waistcoat', 'vest'],
  slot: 'layer',
  order: 38,
  hang: 'shoulder',
  shape: 'upper',
  covers: VEST,
  part: 'layer',
  clo: 0.13,
  measures: upper(580, 1000, { shoulder: 340 }),
  formality: 5,
  sleeve: 'none',
  ways: [BUTTONED, OPEN, AS_TOP],
  staysOn: true,
  armless: true,
  drawn: { front: 'pointed' },
});
