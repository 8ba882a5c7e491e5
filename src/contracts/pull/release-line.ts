import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { lineInput } from './line-input';

export const releaseLineCall = defineCall({
  name: 'release-line',
  roles: STYLING,
  writes: true,
  input: lineInput,
  answer: answers<DressedBox>(),
});
