import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { photoOf } from './photo-of';

export const removePhotoCall = defineCall({
  name: 'remove-photo',
  roles: STYLING,
  writes: true,
  input: z.strictObject(photoOf),
  answer: answers<{ readonly id: string }>(),
});
