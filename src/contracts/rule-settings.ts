import { BOX_RULES } from '@core/box-rules';
import { FACETS, ruleOf, RULES, type Settings } from '@core/rules';
import { z } from 'zod';

const points = z.number().int('a whole number').min(-60, 'at least −60').max(60, 'at most 60');

/** A shop's own tuning of the rules: known rules and thresholds only, inside the bounds each states. */
export const ruleSettingsSchema = z
  .record(
    z.string(),
    z.strictObject({
      share: z.number().min(0, 'not below 0').max(5, 'at most 5').optional(),
      off: z.boolean().optional(),
      weight: z.strictObject({ works: points, note: points, fights: points }).partial().optional(),
      thresholds: z.record(z.string(), z.number()).optional(),
    }),
  )
  .superRefine((settings, context) => {
    for (const [id, tuning] of Object.entries(settings)) {
      const { thresholds = {}, share, ...others } = tuning;
      if (id in FACETS) {
        if (Object.values({ ...others, thresholds: tuning.thresholds }).some((value) => value !== undefined))
          context.addIssue({ code: 'custom', path: [id], message: 'of a facet only its share may be set' });
        continue;
      }
      if (share !== undefined)
        context.addIssue({ code: 'custom', path: [id, 'share'], message: 'only a facet has a share' });
      const rule = ruleOf(id) ?? BOX_RULES.find((each) => each.id === id);
      if (!rule) {
        context.addIssue({
          code: 'custom',
          path: [id],
          message: `not a rule; ${RULES.length + BOX_RULES.length} are known`,
        });
        continue;
      }
      for (const [name, value] of Object.entries(thresholds)) {
        const known = rule.thresholds[name];
        const path = [id, 'thresholds', name];
        if (!known) context.addIssue({ code: 'custom', path, message: 'not a threshold of this rule' });
        else if (value < known.min || value > known.max)
          context.addIssue({
            code: 'custom',
            path,
            message: `${value} ${known.unit}: ${known.min} to ${known.max} is possible`,
          });
      }
    }
  });

export const asSettings = (settings: z.output<typeof ruleSettingsSchema>): Settings => settings as Settings;
