import { judge } from '@core/look';
import { describe, expect, it } from 'vitest';
import { ASIDE_CHANGED, ASIDE_LOVED, CHANGED, LOVED } from './looks';
import { areaUnderCurve, median } from './telling-apart';
import type { WorkedLook } from './wardrobe';

const judged = ({ pieces, setting }: WorkedLook) => judge(pieces, setting);
describe('looks that we would send', () => {
  const verdicts = LOVED.map((look) => ({ look, verdict: judged(look) }));
  it('are free of what is to be put right', () => {
    const fought = verdicts.flatMap(({ look, verdict }) =>
      verdict.findings
        .filter(({ tone }) => tone === 'fights' || tone === 'blocks')
        .map(({ rule, code }) => `${look.title}: ${rule} ${code}`),
    );
    if (process.env.WORKED) console.log(fought.join('\n'));
    expect(fought.length / LOVED.length).toBeLessThanOrEqual(0.03);
  });
  it('draw at most one idle note each on average', () => {
    const notes = verdicts.flatMap(({ look, verdict }) =>
      verdict.findings
        .filter(({ tone, cannotTell }) => tone === 'note' && !cannotTell)
        .map(({ rule, code }) => `${look.title}: ${rule} ${code}`),
    );
    if (process.env.WORKED) console.log(notes.join('\n'));
    expect(notes.length / LOVED.length).toBeLessThanOrEqual(1);
  });
});

describe('looks that we would change', () => {
  it('draw the finding that we would change them for', () => {
    const missed = CHANGED.filter(
      (look) => !judged(look).findings.some(({ rule, tone }) => rule === look.change && tone !== 'works'),
    ).map(({ title, change }) => `${title}: ${change}`);
    if (process.env.WORKED) console.log(missed.join('\n'));
    expect(missed.length / CHANGED.length).toBeLessThanOrEqual(0.05);
  });
});

describe('the score', () => {
  const loved = LOVED.map((look) => judged(look).score.score);
  const changed = CHANGED.map((look) => judged(look).score.score);
  it('tells the two apart', () => {
    if (process.env.WORKED)
      console.log(
        `loved ${median(loved)}, changed ${median(changed)}, area ${areaUnderCurve(loved, changed).toFixed(3)}\n` +
          [...LOVED, ...CHANGED].map((look) => `${judged(look).score.score} ${look.title}`).join('\n'),
      );
    expect(median(loved)).toBeGreaterThanOrEqual(85);
    expect(median(changed)).toBeLessThanOrEqual(70);
    expect(areaUnderCurve(loved, changed)).toBeGreaterThanOrEqual(0.95);
  });
});

describe('looks kept aside', () => {
  it('are reported as they came out', () => {
    const loved = ASIDE_LOVED.map((look) => ({ look, verdict: judged(look) }));
    const wrong = (tones: readonly string[]): string[] =>
      loved.flatMap(({ look, verdict }) =>
        verdict.findings
          .filter(({ tone, cannotTell }) => tones.includes(tone) && !cannotTell)
          .map(({ rule, code }) => `${look.title}: ${rule} ${code}`),
      );
    const missed = ASIDE_CHANGED.filter(
      (look) => !judged(look).findings.some(({ rule, tone }) => rule === look.change && tone !== 'works'),
    ).map(({ title, change }) => `${title}: ${change}`);
    const scores = loved.map(({ verdict }) => verdict.score.score);
    const others = ASIDE_CHANGED.map((look) => judged(look).score.score);
    if (process.env.WORKED)
      console.log(
        [
          'FIGHTS',
          ...wrong(['fights', 'blocks']),
          'NOTES',
          ...wrong(['note']),
          'MISSED',
          ...missed,
          `loved ${median(scores)} (${scores.join(' ')}), changed ${median(others)} (${others.join(' ')}), area ${areaUnderCurve(scores, others).toFixed(3)}`,
        ].join('\n'),
      );
    expect(median(scores)).toBeGreaterThanOrEqual(85);
    expect(areaUnderCurve(scores, others)).toBeGreaterThanOrEqual(0.8);
  });
});
