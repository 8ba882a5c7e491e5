import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import { lineInput } from './line-input';

export const removeAlterationCall = defineCall({
  name: 'remove-alteration',
  roles: STYLING,
  writes: true,
  input: lineInput.extend({ id: uuid }),
  answer: answers<DressedBox>(),
});
