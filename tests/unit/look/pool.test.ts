import { judge, LookPool, MOST_PIECES, type Setting } from '@core/look';
import { CATEGORIES, type Piece } from '@core/piece';
import { RULES, type Settings } from '@core/rules';
import { describe, expect, it } from 'vitest';
import { anyOf, anySetting, between, OF, pick, some } from '../../support/random-looks';

/** Pieces of every slot, the main ones oftener; ids in no order of their kinds. */
const anyPool = (count: number): Piece[] =>
  Array.from({ length: count }, (_, i) =>
    anyOf(
      some(0.6) ? pick(OF(pick(['top', 'bottom', 'shoes', 'layer', 'whole']))) : pick(CATEGORIES),
      `${(i * 37) % 101}`,
    ),
  );

/** Places of a look: mostly one that could be worn, sometimes anything at all, slots taken twice included. */
function anyPicks(pool: readonly Piece[]): number[] {
  const places = pool.map((_, i) => i).sort(() => (some(0.5) ? 1 : -1));
  return places.slice(0, between(1, some(0.1) ? 14 : 8));
}

const short = (pool: LookPool, picks: readonly number[]) => pool.judge(picks);
function long(pieces: readonly Piece[], picks: readonly number[], setting: Setting, settings: Settings) {
  const { complete, sendable, score } = judge(
    picks.map((i) => pieces[i] as Piece),
    setting,
    settings,
  );
  return { complete, sendable, score: score.score };
}

describe('judging looks out of a pool', () => {
  it('gives the verdict of the readable path, for any client, occasion and schools', () => {
    let looks = 0;
    for (let round = 0; round < 60; round++) {
      const pieces = anyPool(40);
      const setting = anySetting();
      const pool = new LookPool(pieces, setting);
      for (let i = 0; i < 60; i++, looks++) {
        const picks = anyPicks(pieces);
        expect(short(pool, picks), `round ${round}: ${picks.join(' ')}`).toEqual(
          long(pieces, picks, setting, {}),
        );
      }
    }
    expect(looks).toBe(3600);
  });

  it('holds rule by rule: each reads of a look what it says it reads, and no more', () => {
    const told = new Map<string, number>();
    for (let round = 0; round < 8; round++) {
      const pieces = anyPool(36);
      const setting = anySetting();
      for (const rule of RULES) {
        const settings: Settings = Object.fromEntries(
          RULES.filter(({ id }) => id !== rule.id).map(({ id }) => [id, { off: true }]),
        );
        const pool = new LookPool(pieces, setting, settings);
        for (let i = 0; i < 40; i++) {
          const picks = anyPicks(pieces);
          const verdict = long(pieces, picks, setting, settings);
          expect(short(pool, picks), `${rule.id}: ${picks.join(' ')}`).toEqual(verdict);
          told.set(rule.id, (told.get(rule.id) ?? 0) + 1);
        }
      }
    }
    expect(told.size).toBe(RULES.length);
  });

  it('follows the shop’s own weights and thresholds', () => {
    const pieces = anyPool(30);
    const setting = anySetting();
    const settings: Settings = {
      C: { share: 3 },
      W: { share: 0 },
      C2: { off: true },
      F1: { weight: { note: -2.3, works: 0.1 }, thresholds: { heard: 3 } },
      C1: { thresholds: { near: 20 }, weight: { works: 1.7 } },
      N1: { weight: { fights: -30 } },
    };
    const pool = new LookPool(pieces, setting, settings);
    for (let i = 0; i < 300; i++) {
      const picks = anyPicks(pieces);
      expect(short(pool, picks)).toEqual(long(pieces, picks, setting, settings));
    }
  });

  it('does not care in what order a look is told, and asks again only for what is new', () => {
    const pieces = anyPool(30);
    const pool = new LookPool(pieces, anySetting());
    for (let i = 0; i < 100; i++) {
      const picks = anyPicks(pieces);
      expect(short(pool, [...picks].reverse())).toEqual(short(pool, picks));
    }
  });

  it('refuses no pieces, too many, a piece that is not there and two of one id', () => {
    const pieces = anyPool(30);
    const pool = new LookPool(pieces);
    expect(() => pool.judge([])).toThrow('1 to 24 pieces, not 0');
    expect(() => pool.judge(pieces.map((_, i) => i).slice(0, MOST_PIECES + 1))).toThrow('not 25');
    expect(() => pool.judge([99])).toThrow('there is no piece 99');
    expect(() => new LookPool([pieces[0] as Piece, pieces[0] as Piece])).toThrow('two pieces have one id');
  });
});
