import { defineKind, TORSO, upper } from './kind';
import { asSkirt, asOpenLayer } from './ways';

export const dress = defineKind({
  label: 'Dress',
  noun: 'dress',
  slot: 'whole',
  order: 30,
  hang: 'shoulder',
  shape: 'whole',
  covers: [...TORSO, 'seat', 'thighs'],
  coversFrom: [
    ['thighs', 880],
    ['knees', 1010],
    ['calves', 1230],
    ['ankles', 1380],
  ],
  part: 'main',
  clo: 0.3,
  measures: upper(1050, 960, { waist: 820, hip: 1060, hemWidth: 1500, shoulder: 385 }),
  formality: 5,
  sleeve: 'none',
  more: [asSkirt, asOpenLayer],
  wraps: true,
  skirted: true,
});
