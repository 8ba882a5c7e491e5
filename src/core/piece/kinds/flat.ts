import { defineKind } from './kind';

export const flat = defineKind({
  label: 'Flat',
  noun: 'flats',
  slot: 'shoes',
  order: 15,
  hang: 'floor',
  shape: 'shoe',
  covers: ['feet'],
  part: 'shoes',
  clo: 0.02,
  measures: { heel: 10, lengthFlat: 255 },
  sizedBy: 'foot',
  drawn: { shoe: 'flat' },
});
