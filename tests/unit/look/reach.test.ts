import { judge, MOST_PRAISE } from '@core/look';
import type { Piece } from '@core/piece';
import { type Finding, measuredWords, RULES, sentence, type Tone } from '@core/rules';
import { speaker } from '@core/say';
import { describe, expect, it } from 'vitest';
import { BRITISH } from '../../support/british';
import { anyLook, anySetting } from '../../support/random-looks';

const LOOKS = 10_000;
const LEAST = 20;
/** What no sentence may hold: a hole, a number that is none, a word of our data, or two signs in a row. */
const UNSAID = /NaN|undefined|Infinity|that piece|[a-z]-(arms|knit|boot)\b|[.;:,]{2}| {2}|^[^\p{Lu}\d“]/u;

/** Every tone a rule has. */
const TONES: Readonly<Record<string, readonly Tone[]>> = {
  C1: ['works', 'note'],
  C2: ['note', 'fights'],
  C3: ['works', 'note'],
  C4: ['works', 'note'],
  C5: ['works', 'note'],
  C6: ['works'],
  C7: ['works', 'note'],
  C8: ['works', 'note'],
  C9: ['works', 'fights', 'blocks'],
  C10: ['note'],
  C11: ['works', 'note'],
  C12: ['works'],
  N1: ['works', 'note', 'fights'],
  N2: ['fights'],
  N3: ['works', 'note'],
  N4: ['works', 'note'],
  N5: ['works'],
  S1: ['works', 'note'],
  S2: ['works', 'fights'],
  S3: ['works', 'note'],
  S4: ['note'],
  F1: ['works', 'note', 'fights'],
  F2: ['fights'],
  F3: ['works', 'note', 'fights'],
  F4: ['works', 'note'],
  F5: ['works', 'fights'],
  F6: ['works'],
  F7: ['works', 'note'],
  F8: ['works', 'note'],
  F9: ['works', 'note'],
  F10: ['note'],
  R1: ['works', 'note', 'fights'],
  R2: ['works', 'fights'],
  R3: ['note'],
  R4: ['note'],
  R5: ['blocks'],
  P1: ['works', 'note', 'fights'],
  P2: ['works', 'note', 'fights'],
  P3: ['works', 'note'],
  P4: ['works', 'note'],
  P5: ['works', 'note', 'fights'],
  P6: ['works', 'note'],
  P7: ['works', 'note', 'fights'],
  P8: ['works', 'note'],
  P9: ['note', 'fights'],
  P10: ['works', 'note'],
  P11: ['fights'],
  P12: ['note'],
  P13: ['note'],
  P14: ['works', 'note'],
  P15: ['works', 'note'],
  P16: ['note'],
  P17: ['note'],
  P18: ['note'],
  K1: ['works', 'blocks'],
  K2: ['works', 'note', 'fights'],
  K4: ['fights', 'blocks'],
  K5: ['fights', 'blocks'],
  K6: ['note'],
  K8: ['works', 'note', 'fights'],
  K9: ['fights'],
  K10: ['note'],
  K11: ['note'],
  W1: ['works', 'note'],
  W2: ['works', 'note', 'fights'],
  W3: ['works', 'note', 'fights'],
  W4: ['note', 'fights'],
  M1: ['works', 'note', 'fights'],
  M2: ['works'],
  U6: ['works', 'note', 'fights'],
};

/** A finding as a reader across the sea is told it, without what the pieces are called by the shop. */
function saidAcross(finding: Finding, look: readonly Piece[]): string {
  const text = sentence(finding, speaker(look, { tongue: { english: 'american', units: 'in' } }));
  return look.reduce((left, { title }) => left.replaceAll(title, ''), text);
}

describe(`${LOOKS.toLocaleString('en')} random looks`, () => {
  it('no exception, no NaN, the score its breakdown, and every tone of every rule often enough', () => {
    const reached = new Map<string, number>();
    const said = new Map<string, string>();
    const across = new Map<string, string>();
    for (let i = 0; i < LOOKS; i++) {
      const look = anyLook();
      const { score, findings } = judge(look, anySetting());
      // Asked of every row of ten thousand looks: one assertion a look, not one a row.
      const off = score.facets.filter(
        (facet) =>
          Math.abs(facet.rows.reduce((sum, row) => sum + row.points, 0) - facet.score) > 1e-9 ||
          facet.score > MOST_PRAISE,
      );
      const adds = Math.abs(score.sum + score.rounding - score.score) < 1e-9;
      if (off.length > 0 || !adds || !(score.sum >= 0 && score.sum <= 100))
        expect.fail(`round ${i}: ${JSON.stringify(score)}`);
      // A sentence costs as much as a judgement: one look in four is put into words.
      const by =
        i % 4 === 0 &&
        speaker(look, {
          tongue: { english: i % 8 ? 'american' : 'british', units: i % 3 ? 'cm' : 'in' },
        });
      for (const finding of findings) {
        const { rule, tone, code, measured } = finding;
        reached.set(`${rule} ${tone}`, (reached.get(`${rule} ${tone}`) ?? 0) + 1);
        if (!across.has(`${rule} ${code}`)) across.set(`${rule} ${code}`, saidAcross(finding, look));
        if (!by && said.has(`${rule} ${code}`)) continue;
        const text = sentence(finding, by || speaker(look));
        said.set(`${rule} ${code}`, text);
        const whole = `${text} ${measured ? measuredWords(measured) : ''}`;
        if (UNSAID.test(whole)) expect.fail(`${rule} ${code}: ${whole}`);
      }
    }
    const rows = RULES.map(
      (rule) =>
        `${rule.id}: ${(['works', 'note', 'fights', 'blocks'] as const).map((tone) => `${tone} ${reached.get(`${rule.id} ${tone}`) ?? 0}`).join(', ')}`,
    );
    if (process.env.REACH) console.log([...rows, ...[...said].map((each) => each.join(': '))].join('\n'));
    // Every word is said of some look: what nothing finds is struck.
    expect(
      RULES.flatMap(({ id, words }) => Object.keys(words).map((code) => `${id} ${code}`)).filter(
        (code) => !said.has(code),
      ),
    ).toEqual([]);
    expect([...across.values()].filter((text) => BRITISH.test(text))).toEqual([]);
    expect(RULES.map(({ id }) => id).filter((id) => !TONES[id])).toEqual([]);
    for (const rule of RULES)
      for (const tone of TONES[rule.id] ?? [])
        expect(reached.get(`${rule.id} ${tone}`) ?? 0, `${rule.id} ${tone}`).toBeGreaterThanOrEqual(LEAST);
  });
});
