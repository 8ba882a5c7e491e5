import { defineKind } from './kind';

export const shawl = defineKind({
  label: 'Shawl',
  noun: 'shawl',
  slot: 'layer',
  order: 55,
  hang: 'shoulder',
  shape: 'drape',
  covers: ['shoulders', 'upper-arms', 'back'],
  part: 'layer',
  clo: 0.15,
  measures: { width: 700, lengthFlat: 1900 },
  armless: true,
  drawn: { as: 'shawl' },
});
