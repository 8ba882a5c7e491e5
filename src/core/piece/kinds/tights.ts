import { defineKind } from './kind';

export const tights = defineKind({
  label: 'Tights',
  noun: 'tights',
  slot: 'legwear',
  order: 11,
  hang: 'waist',
  shape: 'leg',
  covers: ['seat', 'thighs', 'knees', 'calves', 'ankles', 'feet'],
  part: 'none',
  clo: 0.02,
  measures: { waist: 600 },
  sizedBy: 'leg',
  drawn: { as: 'tights' },
});
