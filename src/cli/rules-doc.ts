import { writeFileSync } from 'node:fs';
import { FACETS, MISSING_RULES, RULES, type Rule } from '@core/rules';

/** docs/rules.md, from the rules themselves: the page cannot say anything else than the code. */
export function rulesDoc(): string {
  const lines = [
    '# Rules',
    '',
    'Generated from `src/core/rules` by `npm run -s rules`; do not edit by hand. Numbers are defaults; each is a setting',
    'of the shop (House rules). A facet starts at 70 points; a look is the mean of its facets.',
    '',
  ];
  for (const [facet, title] of Object.entries(FACETS)) {
    const rules = RULES.filter((rule) => rule.facet === facet);
    const missing = MISSING_RULES.filter(({ id }) => id.startsWith(facet));
    if (rules.length + missing.length === 0) continue;
    lines.push(`## ${title}`, '');
    for (const rule of rules) lines.push(...entry(rule), '');
    if (missing.length > 0) {
      lines.push('Not built yet:', '');
      for (const { id, title: name, why } of missing) lines.push(`- **${id} ${name}**: ${why}`);
      lines.push('');
    }
  }
  return `${lines.join('\n').trimEnd()}\n`;
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
    ...Object.entries(rule.thresholds).map(
      ([name, { value, unit, says, min, max }]) =>
        `- \`${name}\` ${value}${unit ? ` ${unit}` : ''} (${min} to ${max}): ${says}`,
    ),
    ...rule.examples.flatMap((pair) => ['', ...pair.map(({ title, expect }) => `- ${title}: **${expect}**`)]),
  ];
}

if (process.argv[1]?.endsWith('rules-doc.ts')) writeFileSync('docs/rules.md', rulesDoc());
