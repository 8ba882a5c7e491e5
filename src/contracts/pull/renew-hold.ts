import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { lineInput } from './line-input';

export const renewHoldCall = defineCall({
  name: 'renew-hold',
  roles: STYLING,
  writes: true,
  input: lineInput,
  answer: answers<DressedBox>(),
});
