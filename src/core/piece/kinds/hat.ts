import { defineKind } from './kind';

export const hat = defineKind({
  label: 'Hat',
  noun: 'hat',
  slot: 'head',
  order: 70,
  hang: 'head',
  shape: 'head',
  covers: ['head'],
  part: 'none',
  clo: 0.03,
  measures: { width: 360 },
  sizedBy: 'head',
  drawn: { as: 'hat' },
});
