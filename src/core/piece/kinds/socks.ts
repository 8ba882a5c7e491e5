import { defineKind } from './kind';

export const socks = defineKind({
  label: 'Socks',
  noun: 'socks',
  slot: 'legwear',
  order: 12,
  hang: 'floor',
  shape: 'leg',
  covers: ['ankles', 'feet'],
  part: 'none',
  clo: 0.03,
  measures: { shaft: 200, shaftGirth: 220 },
  sizedBy: 'foot',
  drawn: { as: 'socks' },
});
