import { writeFileSync } from 'node:fs';
import { BOX_RULES } from '@core/box-rules';
import { ELSEWHERE_RULES, FACETS, RULES, type Rule, yieldsOf } from '@core/rules';

/** docs/rules.md, from the rules themselves: the page cannot say anything else than the code. */
export function rulesDoc(): string {
  const lines = [
    '# Rules',
    '',
    'Generated from `src/core/rules` by `npm run -s rules`; do not edit by hand. Numbers are defaults; each is a setting',
    'of the shop (House rules). How they make a score: [scoring](scoring.md).',
    '',
  ];
  for (const [facet, title] of Object.entries(FACETS)) {
    const rules = RULES.filter((rule) => rule.facet === facet);
    if (rules.length === 0) continue;
    lines.push(`## ${title}`, '');
    for (const rule of rules) lines.push(...entry(rule), '');
    lines.push(
      ...listed(
        'Judged over the whole box:',
        BOX_RULES.map((rule) => ({ ...rule, says: `${rule.question} ${rule.says}${tuned(rule)}` })),
        facet,
      ),
      ...listed(
        'Spoken elsewhere:',
        ELSEWHERE_RULES.map((rule) => ({ ...rule, says: rule.where })),
        facet,
      ),
    );
  }
  return `${lines.join('\n').trimEnd()}\n`;
}

/** Thresholds of a rule of the box, in a sentence. */
const tuned = ({ thresholds }: (typeof BOX_RULES)[number]): string =>
  Object.entries(thresholds)
    .map(([name, { value, unit, says }]) => ` \`${name}\` ${value} ${unit}: ${says}`)
    .join('');

function listed(
  title: string,
  rules: readonly { readonly id: string; readonly title: string; readonly says: string }[],
  facet: string,
): string[] {
  const own = rules.filter(({ id }) => id.startsWith(facet));
  if (own.length === 0) return [];
  return [title, '', ...own.map((rule) => `- **${rule.id} ${rule.title}**: ${rule.says}`), ''];
}

function entry(rule: Rule): string[] {
  const { works, note, fights } = rule.weight;
  return [
    `### ${rule.id} ${rule.title}`,
    '',
    rule.question,
    '',
    `Points: works ${works}, note ${note}, fights ${fights}. ${rule.mayOverrule ? 'May be overruled.' : 'Stands.'} ${rule.source}`,
    '',
    ...yieldsOf(rule.id).flatMap(({ to, why }) => [`Gives way to ${to.rule}: ${why}`, '']),
    ...Object.entries(rule.thresholds).map(
      ([name, { value, unit, says, min, max }]) =>
        `- \`${name}\` ${value}${unit ? ` ${unit}` : ''} (${min} to ${max}): ${says}`,
    ),
    ...rule.examples.flatMap((pair) => ['', ...pair.map(({ title, expect }) => `- ${title}: **${expect}**`)]),
  ];
}

if (process.argv[1]?.endsWith('rules-doc.ts')) writeFileSync('docs/rules.md', rulesDoc());
