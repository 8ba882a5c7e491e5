import { defineKind } from './kind';
import { AT_NECK, tiedCloth } from './ways';

export const scarf = defineKind({
  label: 'Scarf',
  noun: 'scarf',
  slot: 'scarf',
  order: 60,
  hang: 'neck',
  shape: 'drape',
  covers: ['neck'],
  part: 'none',
  clo: 0.05,
  measures: { lengthFlat: 1800, width: 350 },
  ways: [AT_NECK],
  more: [tiedCloth],
  drawn: { as: 'scarf' },
});
