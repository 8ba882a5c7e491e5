import { judge, SCORED } from '@core/look';
import type { Finding } from '@core/rules';
import { expect } from 'vitest';
import { areaUnderCurve, median } from './telling-apart';
import type { MendedLook, WorkedLook } from './wardrobe';

const isWrong = ({ tone }: Finding): boolean => tone === 'fights' || tone === 'blocks';
const isIdle = ({ tone, cannotTell }: Finding): boolean => tone === 'note' && cannotTell !== true;
const codes = (findings: readonly Finding[]): string =>
  findings.map(({ rule, code, pieces }) => `${rule} ${code} (${pieces.join(', ')})`).join('; ');

/** What the judge makes of looks to be sent and looks to be changed, each with its mended twin. */
export function heard(loved: readonly WorkedLook[], changed: readonly MendedLook[]) {
  const good = loved.map(({ title, pieces, setting }) => ({ title, ...judge(pieces, setting) }));
  const bad = changed.map(({ title, pieces, mended, setting, change }) => ({
    title,
    change,
    before: judge(pieces, setting),
    after: judge(mended, setting),
  }));
  const fought = good.filter(({ findings }) => findings.some(isWrong));
  const notes = good.flatMap(({ findings }) => findings.filter(isIdle));
  const missed = bad.filter(
    ({ change, before }) => !before.findings.some((each) => each.rule === change && each.tone !== 'works'),
  );
  const stuck = bad.filter(
    ({ change, after }) =>
      after.findings.some((each) => each.rule === change && isWrong(each)) || after.findings.some(isWrong),
  );
  const noBetter = bad.filter(({ before, after }) => after.score.score <= before.score.score);
  const scores = good.map(({ score }) => score.score);
  // Ways of wearing and use stay out of a look's score: what is changed for their sake alone is not told apart by it.
  const others = bad
    .filter(({ change }) => SCORED.some((facet) => change.startsWith(facet)))
    .map(({ before }) => before.score.score);
  const expectations = loved.length + changed.length * 3;
  const unmet = fought.length + missed.length + stuck.length + noBetter.length;
  const figures = {
    met: 1 - unmet / expectations,
    free: 1 - fought.length / loved.length,
    notes: notes.length / loved.length,
    loved: median(scores),
    changed: median(others),
    area: areaUnderCurve(scores, others),
  };
  if (process.env.WORKED)
    console.log(
      [
        'FIGHTS ON LOVED',
        ...fought.map(({ title, findings }) => `  ${title}: ${codes(findings.filter(isWrong))}`),
        'NOTES ON LOVED',
        ...good
          .filter(({ findings }) => findings.some(isIdle))
          .map(({ title, findings }) => `  ${title}: ${codes(findings.filter(isIdle))}`),
        'MISSED',
        ...missed.map(
          ({ title, change, before }) =>
            `  ${title}: ${change}; said ${codes(before.findings.filter((each) => each.tone !== 'works'))}`,
        ),
        'STUCK',
        ...stuck.map(
          ({ title, change, after }) => `  ${title}: ${change}; ${codes(after.findings.filter(isWrong))}`,
        ),
        'NO BETTER',
        ...noBetter.map(
          ({ title, before, after }) => `  ${title}: ${before.score.score} → ${after.score.score}`,
        ),
        'SCORES',
        `  ${good
          .map(({ title, score }) => `${score.score} ${title}`)
          .sort()
          .join('\n  ')}`,
        `  CHANGED\n  ${bad.map(({ title, before, after }) => `${before.score.score} → ${after.score.score} ${title}`).join('\n  ')}`,
        JSON.stringify(figures),
      ].join('\n'),
    );
  return figures;
}

/** Goals of the judge on looks that nobody tuned it to. */
export const expectHeard = (figures: ReturnType<typeof heard>): void => {
  expect(figures.met).toBeGreaterThanOrEqual(0.95);
  expect(figures.free).toBeGreaterThanOrEqual(0.97);
  expect(figures.notes).toBeLessThanOrEqual(1);
  expect(figures.loved).toBeGreaterThanOrEqual(85);
  expect(figures.changed).toBeLessThanOrEqual(70);
  expect(figures.area).toBeGreaterThanOrEqual(0.95);
};
