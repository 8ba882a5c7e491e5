import { unkeepable } from '@contracts/text';
import { describe, expect, it } from 'vitest';
import { stream } from '../../support/stream';
import { sure } from '../../support/sure';

const NUL = '\u0000';
const HALF = '\ud83d';

describe('what no database keeps', () => {
  it('is told by its path, wherever in a request it stands', () => {
    const input = {
      name: `Ada${NUL}`,
      pieces: [{ title: 'coat' }, { title: `shirt ${HALF}`, colours: [{ hex: `#fff${NUL}` }] }],
      notes: { 'a b': 'well', deep: { er: [['x', `y${HALF}`]] } },
    };
    expect(unkeepable(input).map(({ path }) => path)).toEqual([
      'name',
      'pieces[1].title',
      'pieces[1].colours[0].hex',
      'notes.deep.er[0][1]',
    ]);
  });

  it('is neither a whole sign of two halves, nor any other letter, nor a number, a date or nothing', () => {
    for (const fine of ['👗', 'ß', '\u200f', '\ufeff', '', 0, -1.5, NaN, true, null, undefined, new Date(0)])
      expect(unkeepable({ it: fine, list: [fine] })).toEqual([]);
  });

  it('is a field name as well: with such a sign, or longer than a name is', () => {
    expect(unkeepable({ [`a${NUL}`]: 1 })).toEqual([
      { path: '(whole)', message: 'has a field name that cannot be kept' },
    ]);
    expect(unkeepable({ profile: { [HALF]: 1 } })[0]?.path).toBe('profile');
    expect(unkeepable({ profile: { ['k'.repeat(200)]: 1 } })).toEqual([]);
    expect(unkeepable({ profile: { ['k'.repeat(201)]: 1 } })[0]?.path).toBe('profile');
  });

  it('is what is nested without an end, said before any reader runs out of room', () => {
    const nested = (depth: number): unknown => (depth === 0 ? 'bottom' : { in: nested(depth - 1) });
    expect(unkeepable(nested(20))).toEqual([]);
    expect(unkeepable(nested(5000))).toEqual([{ path: 'in.in.in.in', message: 'nested too deep' }]);
  });

  it('is found in ten thousand drawn texts exactly where the platform says they are not well formed', () => {
    const random = stream(11);
    const signs = ['a', 'é', '👠', '\ud800', '\udfff', NUL, ' ', '\n', '中'];
    let found = 0;
    for (let i = 0; i < 10_000; i++) {
      const text = Array.from({ length: 1 + Math.floor(random() * 6) }, () =>
        sure(signs[Math.floor(random() * signs.length)]),
      ).join('');
      // The second opinion: what comes back from bytes is the same text only where nothing was a half.
      const isWhole = new TextDecoder().decode(new TextEncoder().encode(text)) === text;
      const told = unkeepable([text]).length;
      expect(told).toBe(isWhole && !text.includes(NUL) ? 0 : 1);
      found += told;
    }
    expect(found).toBeGreaterThan(2000);
  });
});
