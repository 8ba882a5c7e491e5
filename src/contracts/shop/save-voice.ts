import { PAPERS } from '@core/shop';
import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import { version } from '../fields';
import { letterVoiceSchema } from '../letter/letter';

/** How the shop's letters are drafted, what it says in its own words, and what it prints on. */
export const saveVoiceCall = defineCall({
  name: 'save-voice',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ version, ...letterVoiceSchema.shape, paper: z.enum(PAPERS) }),
  answer: answers<{ readonly version: number }>(),
});

export type ShopVoice = Omit<z.output<typeof saveVoiceCall.input>, 'version'>;
