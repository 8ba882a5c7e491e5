import { defineKind } from './kind';

export const sneaker = defineKind({
  label: 'Sneaker',
  noun: ['trainers', 'sneakers'],
  slot: 'shoes',
  order: 15,
  hang: 'floor',
  shape: 'shoe',
  covers: ['feet'],
  part: 'shoes',
  clo: 0.02,
  measures: { heel: 30, platform: 20, lengthFlat: 275 },
  formality: 2,
  sizedBy: 'foot',
  sporty: true,
  drawn: { shoe: 'trainer' },
});
