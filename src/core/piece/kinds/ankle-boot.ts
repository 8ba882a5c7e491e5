import { defineKind } from './kind';

export const ankleBoot = defineKind({
  label: 'Ankle boot',
  noun: 'ankle boots',
  slot: 'shoes',
  order: 16,
  hang: 'floor',
  shape: 'shoe',
  covers: ['feet', 'ankles'],
  part: 'shoes',
  clo: 0.1,
  measures: { heel: 40, shaft: 140, shaftGirth: 260, lengthFlat: 270 },
  sizedBy: 'foot',
  boot: 'ankle',
  drawn: { shoe: 'ankle boot' },
});
