import { defineKind, TORSO, upper } from './kind';
import { asButtonedUp, TUCKABLE, ROLLED, KNOTTED, AS_LAYER, beneath } from './ways';

export const shirt = defineKind({
  label: 'Shirt',
  noun: 'shirt',
  slot: 'top',
  order: 22,
  hang: 'shoulder',
  shape: 'upper',
  covers: TORSO,
  part: 'main',
  clo: 0.25,
  measures: upper(740, 1060, { upperArm: 380 }),
  formality: 5,
  numbered: 'collar',
  ways: [...TUCKABLE, ROLLED, KNOTTED, AS_LAYER],
  more: [asButtonedUp, beneath],
  mayShowBelow: true,
  drawn: { hem: 'tails', placket: 'full', chestPocket: true },
});
