import { NOBODY, type Profile } from '@core/client';
import {
  aboutOf,
  applyMend,
  findingKey,
  judge,
  lookMends,
  mendWords,
  MOST_PRAISE,
  pointsOf,
  SCORED,
} from '@core/look';
import { speaker } from '@core/say';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { anyLook, one } from '../../support/pieces';
import { sure } from '../../support/sure';

const trousers = one('trousers', 'trousers', '#1f2a44', { measures: { inseam: 780 } });
const shirt = one('shirt', 'shirt', '#fbfbf9', { cut: { neckline: 'collar', sleeve: 'long' } });
const loafers = one('loafers', 'loafer', '#3b2a22');

describe('complete looks', () => {
  const complete = (...pieces: Parameters<typeof judge>[0]) => judge(pieces).complete;
  it('are a whole piece, or a top and a bottom; and shoes', () => {
    expect(complete(shirt, trousers, loafers)).toBe(true);
    expect(complete(one('d', 'dress', '#611f2f'), loafers)).toBe(true);
    expect(complete(shirt, trousers)).toBe(false);
    expect(complete(shirt, loafers)).toBe(false);
  });
  it('hold one piece in an exclusive place', () => {
    expect(judge([shirt, trousers, loafers, one('jeans', 'jeans', '#31435c')]).missing).toEqual([
      'only one bottom, not 2',
    ]);
    // A shirt worn as a layer leaves the place of the top free.
    expect(complete({ ...shirt, mode: 'layer' }, one('tee', 'tee', '#84868a'), trousers, loafers)).toBe(true);
  });
});

describe('the score', () => {
  it('is its breakdown, over thousands of looks; no NaN, no exception; the order of pieces is no matter', () => {
    const anyClient = fc.record({
      cover: fc.constantFrom<Profile['cover']>([], ['upper-arms'], ['knees', 'calves']),
      allergies: fc.constantFrom<Profile['allergies']>([], ['nickel'], ['wool']),
      nevers: fc.constantFrom<Profile['nevers']>([], ['wool'], ['heel']),
      limits: fc.constantFrom<Profile['limits']>(NOBODY.limits, {
        ...NOBODY.limits,
        heelMaxMm: 30,
        avoidFibres: ['silk'],
      }),
    });
    const reached = new Map<string, number>();
    fc.assert(
      fc.property(anyLook, anyClient, fc.integer({ min: 0, max: 10 }), (look, client, floor) => {
        const setting = {
          client: { ...NOBODY, ...client },
          budget: { boxMinor: 40_000, pieceMinor: { tee: 20_000 } },
          occasion: anOccasion({ formality: [floor, Math.min(10, floor + 2)] }),
        };
        const verdict = judge(look, setting);
        const { start, facets, sum, rounding, score } = verdict.score;
        for (const facet of facets) {
          expect(facet.rows.reduce((all, row) => all + row.points, 0)).toBeCloseTo(facet.score, 9);
          expect(facet.score).toBeLessThanOrEqual(MOST_PRAISE);
        }
        const total = facets.reduce((all, facet) => all + facet.score * facet.share, start);
        expect(Math.min(100, Math.max(0, total))).toBeCloseTo(sum, 9);
        expect(sum + rounding).toBeCloseTo(score, 9);
        expect(Number.isInteger(score)).toBe(true);
        expect(judge([...look].reverse(), setting).findings).toEqual(verdict.findings);
        for (const finding of verdict.findings)
          reached.set(
            `${finding.rule} ${finding.tone}`,
            (reached.get(`${finding.rule} ${finding.tone}`) ?? 0) + 1,
          );
      }),
      { numRuns: 1500, seed: 7 },
    );
    // Silence must not pass for health; tests/unit/look/reach.test.ts goes through every tone of every rule.
    for (const tone of [
      'C1 works',
      'N1 works',
      'N1 note',
      'F1 works',
      'F1 fights',
      'R1 works',
      'R1 fights',
      'K1 works',
      'K1 blocks',
      'K4 fights',
      'K4 blocks',
      'K5 blocks',
      'K5 fights',
      'U6 works',
      'U6 fights',
    ]) {
      expect(reached.get(tone) ?? 0, tone).toBeGreaterThanOrEqual(20);
    }
  });

  it('takes the shop’s weights and thresholds', () => {
    const look = [
      one('knit', 'fine-knit', '#f6f0e4', { fabric: { texture: 'smooth' } }),
      one('t', 'trousers', '#fdfdfd'),
    ];
    const plain = judge(look);
    const finding = plain.findings.find(({ rule }) => rule === 'C2');
    expect(finding && pointsOf(finding)).toBe(-32);
    expect(judge(look, {}, { C2: { weight: { fights: -40 } } }).score.sum).toBeLessThan(plain.score.sum);
    // A facet that counts twice costs twice; one at nothing costs nothing; all at nothing are equal.
    const colour = sure(plain.score.facets.find(({ facet }) => facet === 'C')).score;
    const by = (share: number): number => judge(look, {}, { C: { share } }).score.sum - plain.score.sum;
    expect(by(2)).toBeCloseTo(colour, 9);
    expect(by(0)).toBeCloseTo(-colour, 9);
    const none = Object.fromEntries(SCORED.map((facet) => [facet, { share: 0 }]));
    expect(judge(look, {}, none).score).toMatchObject({ sum: plain.score.sum, score: plain.score.score });
    expect(judge(look, {}, { C2: { off: true } }).findings.some(({ rule }) => rule === 'C2')).toBe(false);
    expect(
      judge(look, {}, { C2: { thresholds: { pale: 5 } } }).findings.some(({ rule }) => rule === 'C2'),
    ).toBe(false);
  });
});

describe('overruling', () => {
  const look = [
    one('knit', 'fine-knit', '#f6f0e4', { fabric: { texture: 'smooth' } }),
    one('t', 'trousers', '#fdfdfd'),
  ];
  it('puts a finding aside with its reason and out of the score', () => {
    const [finding] = judge(look).findings.filter(({ rule }) => rule === 'C2');
    if (!finding) throw new Error('no finding');
    const after = judge(look, {}, {}, [{ rule: 'C2', about: aboutOf(finding), reason: 'wanted' }]);
    expect(after.findings.some(({ rule }) => rule === 'C2')).toBe(false);
    expect(after.overruled).toHaveLength(1);
    expect(after.score.sum).toBeGreaterThan(judge(look).score.sum);
  });
  it('does not touch an allergy, a stated never or cover', () => {
    const client = { ...NOBODY, allergies: ['nickel'], cover: ['lower-arms' as const], nevers: ['tee'] };
    const pieces = [
      one('e', 'earrings', '#b9bcc0', { metal: 'white', metalContent: ['nickel'] }),
      one('tee', 'tee', '#84868a'),
    ];
    const overrules = judge(pieces, { client }).findings.map((finding) => ({
      rule: finding.rule,
      about: aboutOf(finding),
      reason: 'please',
    }));
    expect(
      judge(pieces, { client }, {}, overrules)
        .findings.filter(({ tone }) => tone === 'blocks')
        .map(({ rule }) => rule)
        .sort(),
    ).toEqual(['K1', 'K4', 'K5']);
  });
});

describe('mends', () => {
  const pool = [
    one('navy', 'trousers', '#1f2a44'),
    one('flats', 'loafer', '#17171a', { measures: { heel: 15 } }),
    one('cardigan', 'cardigan', '#84868a', { cut: { sleeve: 'long' } }),
    one('studs', 'earrings', '#b9bcc0', { metalContent: ['nickel-free'] }),
  ];
  it('gain exactly what they print, remove what they mend, and add no block', () => {
    const client = {
      ...NOBODY,
      cover: ['upper-arms' as const, 'lower-arms' as const],
      limits: { ...NOBODY.limits, heelMaxMm: 30 },
      allergies: ['nickel'],
    };
    const pieces = [
      one('tee', 'tee', '#f6f0e4', { cut: { sleeve: 'short' } }),
      one('white', 'trousers', '#fdfdfd'),
      one('heels', 'heel', '#611f2f', { measures: { heel: 80 } }),
      one('hoops', 'earrings', '#c2a14e', { metal: 'yellow', metalContent: ['nickel'] }),
    ];
    const verdict = judge(pieces, { client });
    const all = lookMends({ pieces, pool, setting: { client } }, verdict);
    let tried = 0;
    for (const mend of all) {
      for (const finding of mend.answers.map((at) => sure(verdict.findings[at]))) {
        const after = judge(applyMend(pieces, mend, pool), { client });
        expect(Math.round((after.score.sum - verdict.score.sum) * 10) / 10).toBe(mend.gain);
        expect(after.findings.some((other) => findingKey(other) === findingKey(finding))).toBe(false);
        expect(after.findings.filter(({ tone }) => tone === 'blocks').length).toBeLessThanOrEqual(
          verdict.findings.filter(({ tone }) => tone === 'blocks').length,
        );
        tried++;
      }
    }
    expect(tried).toBeGreaterThanOrEqual(4);
    const texts = all.map((mend) => mendWords(mend, speaker([...pieces, ...pool])));
    expect(texts).toContain('Add the grey cardigan');
    expect(texts).toContain('Leave off the gold earrings');
    expect(texts).toContain('The black loafers instead of the burgundy court shoes');
  });

  it('come from the stock too, after what is owned or held, and gain what they print', () => {
    const pieces = [
      one('tee', 'tee', '#f6f0e4', { cut: { sleeve: 'short' } }),
      one('trousers', 'trousers', '#1f2a44'),
      one('flats', 'flat', '#17171a'),
    ];
    const client = { ...NOBODY, cover: ['upper-arms' as const, 'lower-arms' as const] };
    const own = [one('own cardigan', 'cardigan', '#84868a', { owned: true })];
    const stock = [
      one('shelf blazer', 'blazer', '#1f2a44', { cut: { sleeve: 'long' } }),
      one('shelf coat', 'coat', '#1f2a44', { cut: { sleeve: 'long' } }),
    ];
    const verdict = judge(pieces, { client });
    const bare = verdict.findings.findIndex(({ rule }) => rule === 'K1');
    const mends = lookMends({ pieces, pool: own, stock, setting: { client } }, verdict);
    const cover = mends.filter(({ answers }) => answers.includes(bare));
    expect(cover.map(({ from }) => from).sort()).toEqual(['closet', 'stock', 'stock']);
    for (const mend of cover) {
      const after = judge(applyMend(pieces, mend, [...own, ...stock]), { client });
      expect(Math.round((after.score.sum - verdict.score.sum) * 10) / 10).toBe(mend.gain);
    }
    const without = lookMends({ pieces, pool: own, setting: { client } }, verdict);
    expect(without.some(({ from }) => from === 'stock')).toBe(false);
  });
});

describe('the braver choice of a box', () => {
  const bold = one('bold', 'blazer', '#b3222e', { edge: 5 });
  const shy: Profile = { ...NOBODY, appetite: { edge: 1 } };
  const saysBold = (pieces: Parameters<typeof judge>[0]): readonly string[] =>
    judge(pieces, { client: shy }).findings.flatMap(({ rule, code, pieces: of }) =>
      rule === 'F9' && code === 'bold' ? of : [],
    );
  it('is not remarked on for its boldness; the next boldest is', () => {
    expect(saysBold([bold, shirt, trousers, loafers])).toEqual(['bold']);
    expect(saysBold([{ ...bold, nudge: true }, shirt, trousers, loafers])).toEqual([]);
    expect(saysBold([{ ...bold, nudge: true }, shirt, trousers, { ...loafers, edge: 4 }])).toEqual([
      'loafers',
    ]);
  });
});
