import { defineKind } from './kind';

export const tallBoot = defineKind({
  label: 'Tall boot',
  noun: 'tall boots',
  slot: 'shoes',
  order: 16,
  hang: 'floor',
  shape: 'shoe',
  covers: ['feet', 'ankles', 'calves'],
  part: 'shoes',
  clo: 0.1,
  measures: { heel: 40, shaft: 390, shaftGirth: 390, lengthFlat: 270 },
  sizedBy: 'foot',
  boot: 'tall',
  drawn: { shoe: 'tall boot' },
});
