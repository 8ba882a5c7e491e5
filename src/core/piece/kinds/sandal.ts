import { defineKind } from './kind';

export const sandal = defineKind({
  label: 'Sandal',
  noun: 'sandals',
  slot: 'shoes',
  order: 15,
  hang: 'floor',
  shape: 'shoe',
  covers: [],
  part: 'shoes',
  clo: 0.02,
  measures: { heel: 20, lengthFlat: 260 },
  formality: 3,
  heeled: { fromMm: 45, formality: 6 },
  sizedBy: 'foot',
  openToed: true,
  drawn: { shoe: 'sandal' },
});
