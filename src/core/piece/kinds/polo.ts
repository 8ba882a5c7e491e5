import { defineKind, TORSO, upper } from './kind';
import { asButtonedUp, TUCKABLE } from './ways';

export const polo = defineKind({
  label: 'Polo',
  noun: 'polo shirt',
  slot: 'top',
  order: 20,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'main',
  clo: 0.17,
  measures: upper(660, 1000, { sleeve: 210 }),
  formality: 3,
  sleeve: 'short',
  ways: TUCKABLE,
  more: [asButtonedUp],
  drawn: { hem: 'turned', placket: 'short' },
});
