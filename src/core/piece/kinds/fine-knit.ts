import { defineKind, TORSO, upper } from './kind';
import { TUCKABLE, beneath, PUSHED, ROUND_SHOULDERS, TWISTED } from './ways';

export const fineKnit = defineKind({
  label: 'Fine knit',
  noun: ['fine jumper', 'fine sweater'],
  slot: 'top',
  order: 24,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'main',
  clo: 0.25,
  measures: upper(620, 980),
  texture: 'rib',
  ways: [...TUCKABLE, PUSHED, ROUND_SHOULDERS, TWISTED],
  more: [beneath],
  knitted: true,
  drawn: { ribs: { band: 44, pitch: 22, as: 'fold' } },
});
