import { defineKind, TORSO, upper } from './kind';
import { TUCKABLE, beneath, TWISTED } from './ways';

export const tee = defineKind({
  label: 'Tee',
  noun: 'tee',
  slot: 'top',
  order: 20,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'main',
  clo: 0.08,
  measures: upper(640, 980, { sleeve: 190 }),
  formality: 2,
  sleeve: 'short',
  ways: [...TUCKABLE, TWISTED],
  more: [beneath],
  drawn: { hem: 'turned' },
});
