import { readWays, strangers, waysPrinted } from '@contracts/ways-file';
import { judge } from '@core/look';
import { completeness, modesOf, type Piece, wear } from '@core/piece';
import { lookDistance, type Ways, type WaysInput, waysOf, WITHIN } from '@core/ways';
import { factsOf } from '@core/ways/distance';
import { farthest } from '@core/ways/choose';
import { variantsOf } from '@core/ways/looks';
import { describe, expect, it } from 'vitest';
import { demoPieces, demoSetting } from '../../bench/pool';
import { stream } from '../../support/stream';
import { sure } from '../../support/sure';

const { occasion, ...client } = demoSetting();
const occasions = occasion ? [occasion] : [];
const setting = { ...client, occasion };
const all = demoPieces(160);
const answerOf = (input: WaysInput): Ways => {
  const steps = waysOf(input);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
};

/** A small closet with something for every place, drawn by chance. */
function smallCloset(next: () => number): Piece[] {
  const of = (...categories: string[]): Piece[] =>
    all.filter(({ category }) => categories.includes(category));
  const pick = (from: readonly Piece[], count: number): Piece[] =>
    Array.from({ length: count }, () => from[Math.floor(next() * from.length)] as Piece);
  const drawn = [
    ...pick(of('shirt', 'blouse', 'tee', 'fine-knit'), 2),
    ...pick(of('trousers', 'jeans', 'skirt'), 2),
    ...pick(of('blazer', 'cardigan', 'jacket'), 1),
    ...pick(of('loafer', 'flat', 'ankle-boot', 'heel'), 2),
  ];
  return [...new Map(drawn.map((piece) => [piece.id, { ...piece, modes: [] }])).values()];
}

const factsOfWays = (ways: Ways, around: readonly string[]) =>
  ways.ways.map(({ pieces }) => factsOf(pieces, new Set(around)));

/** Every look of a small closet in every way, judged by `judge` itself. */
function everyLook(pieces: readonly Piece[], pin: string): { pieces: Piece[]; score: number }[] {
  const variants = variantsOf(pieces);
  const looks: Piece[][] = [[]];
  for (const piece of pieces) {
    const ways = variants
      .filter((each) => each.piece === pieces.indexOf(piece))
      .map(({ mode }) => ({ ...piece, mode }));
    const more = looks.flatMap((look) => ways.map((way) => [...look, way]));
    if (piece.id === pin) looks.splice(0, looks.length, ...more);
    else looks.push(...more);
  }
  return looks
    .filter((look) => completeness(look.map(wear)).complete)
    .map((look) => ({ look, verdict: judge(look, setting) }))
    .filter(({ verdict }) => verdict.sendable)
    .map(({ look, verdict }) => ({ pieces: look, score: verdict.score.score }));
}

describe('ways to wear a piece', () => {
  it('are sendable, within ten points of the best, hold what they are about, and as far apart as is said', () => {
    const next = stream(11);
    for (let i = 0; i < 6; i++) {
      const pieces = all.filter(() => next() < 0.3);
      const around = pieces
        .filter(({ category }) => ['blazer', 'trousers', 'dress', 'skirt'].includes(category))
        .slice(0, 1);
      const ids = around.map(({ id }) => id);
      const bans = pieces
        .slice(-3)
        .map(({ id }) => id)
        .filter((id) => !ids.includes(id));
      const found = answerOf({ pieces, around: ids, bans, count: 5, setting: client, occasions });
      for (const way of found.ways) {
        const verdict = judge(way.pieces, setting);
        expect([verdict.sendable, verdict.score.score]).toEqual([true, way.score]);
        expect(way.score).toBeGreaterThanOrEqual(found.best - WITHIN - 0.05);
        expect(ids.every((id) => way.pieces.some((piece) => piece.id === id))).toBe(true);
        expect(way.pieces.some(({ id }) => bans.includes(id))).toBe(false);
      }
      const facts = factsOfWays(found, ids);
      facts.forEach((a, at) =>
        facts
          .slice(at + 1)
          .forEach((b) => expect(lookDistance(a, b)).toBeGreaterThanOrEqual(found.distance - 1e-9)),
      );
    }
  });
  it('of a small closet are the farthest there are, within 5 %, by going through every look', () => {
    const next = stream(5);
    let close = 0;
    const TRIES = 8;
    for (let i = 0; i < TRIES; i++) {
      const pieces = smallCloset(next);
      const pin = sure(pieces[0]).id;
      const found = answerOf({ pieces, around: [pin], count: 3, setting: client, occasions });
      const every = everyLook(pieces, pin);
      const best = Math.max(...every.map(({ score }) => score));
      const good = every.filter(({ score }) => score >= best - WITHIN);
      const facts = good.map((look) => factsOf(look.pieces, new Set([pin])));
      const apart = facts.map((a) => facts.map((b) => lookDistance(a, b)));
      let farthestLeast = 0;
      for (let a = 0; a < facts.length; a++)
        for (let b = a + 1; b < facts.length; b++) {
          const ab = sure(sure(apart[a])[b]);
          if (ab <= farthestLeast) continue;
          for (let c = b + 1; c < facts.length; c++)
            farthestLeast = Math.max(
              farthestLeast,
              Math.min(ab, sure(sure(apart[a])[c]), sure(sure(apart[b])[c])),
            );
        }
      if (good.length < 3 || found.distance >= farthestLeast * 0.95) close++;
    }
    expect(close / TRIES).toBe(1);
  });
  it('are fewer, and say why, where there are no more', () => {
    const pieces = smallCloset(stream(3)).slice(0, 4);
    const found = answerOf({
      pieces: pieces.filter(({ category }) => category !== 'loafer'),
      around: [],
      count: 9,
      setting,
    });
    expect(found.ways.length).toBeLessThan(9);
    expect(found.fewer).toBeDefined();
    expect(answerOf({ pieces: [], around: [], count: 3, setting: client, occasions })).toMatchObject({
      ways: [],
      fewer: 'none sendable',
    });
  });
  it('differ in how a piece is worn where it may be worn in many ways', () => {
    const scarf = sure(all.find((piece) => piece.category === 'scarf' && modesOf(piece).length > 2));
    const found = answerOf({
      pieces: [...new Set([...all.slice(0, 70), scarf])],
      around: [scarf.id],
      count: 4,
      setting: client,
      occasions,
    });
    const modes = new Set(found.ways.map(({ pieces }) => pieces.find(({ id }) => id === scarf.id)?.mode));
    expect(modes.size).toBeGreaterThan(1);
  });
});

describe('the distance of two looks', () => {
  it('is none from a look to itself, the same both ways round, and never above 1', () => {
    const next = stream(9);
    const facts = Array.from({ length: 30 }, () =>
      factsOf(all.filter(() => next() < 0.05).slice(0, 6), new Set()),
    );
    for (const a of facts)
      for (const b of facts) {
        const d = lookDistance(a, b);
        expect([d, d <= 1 + 1e-9, d >= 0]).toEqual([lookDistance(b, a), true, true]);
        if (a === b) expect(d).toBe(0);
      }
  });
  it('places are chosen as far apart as going through all of them finds, to 5 %', () => {
    const next = stream(2);
    for (let i = 0; i < 40; i++) {
      const points = Array.from({ length: 12 }, () => [next(), next()] as const);
      const apart = (a: number, b: number) =>
        Math.hypot(sure(points[a])[0] - sure(points[b])[0], sure(points[a])[1] - sure(points[b])[1]);
      let best = 0;
      for (let a = 0; a < 12; a++)
        for (let b = a + 1; b < 12; b++)
          for (let c = b + 1; c < 12; c++)
            best = Math.max(best, Math.min(apart(a, b), apart(a, c), apart(b, c)));
      expect(farthest(12, 3, apart).least).toBeGreaterThanOrEqual(best * 0.95);
    }
  });
});

describe('a ways file', () => {
  const file = JSON.stringify({
    format: 'ivory-rail/ways@1',
    pieces: [{ id: 'knit', category: 'fine-knit', colours: [{ hex: '#1f2a44', share: 1 }] }],
    closet: [
      { id: 'grey', category: 'trousers', colours: [{ hex: '#84868a', share: 1 }] },
      { id: 'tan', category: 'loafer', colours: [{ hex: '#b98f60', share: 1 }] },
      { id: 'black', category: 'ankle-boot', colours: [{ hex: '#17171a', share: 1 }] },
    ],
    around: ['knit'],
  });
  it('prints ways with a line each, and says of a stranger where it stands', () => {
    const read = readWays(file);
    if (!read.ok) throw new Error('not read');
    const printed = waysPrinted(read.file, { count: 2, pins: [], bans: [] }, () => 0);
    const ways = printed.ways as { pieces: { id: string }[]; says: string; sendable: boolean }[];
    expect(ways).toHaveLength(2);
    for (const way of ways) expect([way.sendable, way.says.endsWith('.')]).toEqual([true, true]);
    expect(strangers(read.file, { count: 2, pins: ['nobody'], bans: [] })[0]?.path).toBe('--pin[0]');
    const bad = readWays(JSON.stringify({ pieces: [{ id: 'x' }] }));
    expect(bad.ok ? [] : bad.faults.map(({ path }) => path)).toContain('pieces[0].category');
  });
});
