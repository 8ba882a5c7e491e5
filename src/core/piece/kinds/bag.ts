import { defineKind } from './kind';
import { SHORT_STRAP, CROSSBODY, IN_HAND, withChainIn } from './ways';

export const bag = defineKind({
  label: 'Bag',
  noun: 'bag',
  slot: 'bag',
  order: 80,
  hang: 'hand',
  shape: 'bag',
  covers: [],
  part: 'bag',
  clo: 0,
  measures: { width: 300, length: 220 },
  ways: [SHORT_STRAP, CROSSBODY, IN_HAND],
  more: [withChainIn],
});
