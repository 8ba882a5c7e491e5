import { z } from 'zod';
import { OWNER, answers, defineCall } from '../call';
import { version } from '../fields';
import { schoolsSchema } from '../profile';
import { ruleSettingsSchema } from '../rule-settings';

export const saveRulesCall = defineCall({
  name: 'save-rules',
  roles: OWNER,
  writes: true,
  input: z.strictObject({
    version,
    settings: ruleSettingsSchema,
    schools: schoolsSchema,
  }),
  answer: answers<{ readonly version: number }>(),
});
