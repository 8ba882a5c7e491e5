import { defineKind } from './kind';

export const heel = defineKind({
  label: 'Heel',
  noun: ['court shoes', 'pumps'],
  slot: 'shoes',
  order: 15,
  hang: 'floor',
  shape: 'shoe',
  covers: ['feet'],
  part: 'shoes',
  clo: 0.02,
  measures: { heel: 70, lengthFlat: 250 },
  formality: 7,
  sizedBy: 'foot',
  drawn: { shoe: 'court' },
});
