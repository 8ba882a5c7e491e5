import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { PHOTO_BODY_BYTES } from '../photo';
import { photoOf } from './photo-of';

export const savePhotoCall = defineCall({
  name: 'save-photo',
  roles: STYLING,
  writes: true,
  bodyMostBytes: PHOTO_BODY_BYTES,
  input: z.strictObject({
    ...photoOf,
    dataBase64: z.base64({ error: 'not a file as it was sent' }).min(1, 'the file is empty'),
  }),
  answer: answers<{ readonly photoId: string }>(),
});
