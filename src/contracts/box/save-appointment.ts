import { z } from 'zod';
import type { DressedBox } from './box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid, version } from '../fields';

/** A client comes to the shop for a box, instead of a parcel; null: it is sent after all. */
export const saveAppointmentCall = defineCall({
  name: 'save-appointment',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    version,
    /** By the shop's clock. */
    at: z
      .string()
      .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'a day and a time, as 2026-12-05T14:00')
      .refine((text) => !Number.isNaN(Date.parse(`${text}Z`)), 'no such day or time')
      .nullable(),
  }),
  answer: answers<DressedBox>(),
});
