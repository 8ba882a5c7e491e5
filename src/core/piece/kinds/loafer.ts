import { defineKind } from './kind';

export const loafer = defineKind({
  label: 'Loafer',
  noun: 'loafers',
  slot: 'shoes',
  order: 15,
  hang: 'floor',
  shape: 'shoe',
  covers: ['feet'],
  part: 'shoes',
  clo: 0.02,
  measures: { heel: 25, lengthFlat: 265 },
  formality: 5,
  sizedBy: 'foot',
  drawn: { shoe: 'loafer' },
});
