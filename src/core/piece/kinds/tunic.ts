import { defineKind, TORSO, upper } from './kind';
import { UNTUCKED, BELTED } from './ways';

export const tunic = defineKind({
  label: 'Tunic',
  noun: 'tunic',
  slot: 'top',
  order: 23,
  hang: 'shoulder',
  shape: 'upper',
  covers: [...TORSO, 'seat'],
  part: 'main',
  clo: 0.25,
  measures: upper(860, 1080, { hip: 1140 }),
  ways: [UNTUCKED, BELTED],
  mayShowBelow: true,
  longOver: true,
  drawn: { hem: 'turned' },
});
