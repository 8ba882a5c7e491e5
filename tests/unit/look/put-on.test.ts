import { goesBest, inTheWay, judge, putOn } from '@core/look';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const tee = one('tee', 'tee', '#ffffff');
const trousers = one('trousers', 'trousers', '#1f2a44');
const loafers = one('loafers', 'loafer', '#17171a');
const shirt = one('shirt', 'shirt', '#f3ecdc', { formality: 6 });
const dress = one('dress', 'dress', '#611f2f', { formality: 8 });
const scarf = one('scarf', 'scarf', '#b3282d');
const worn = [tee, trousers, loafers];

describe('putting a piece on', () => {
  it('takes off what shares its place: a top for a top, both halves for a dress, a dress for either half', () => {
    expect(inTheWay(shirt, worn)).toEqual(['tee']);
    expect(inTheWay(dress, worn)).toEqual(['tee', 'trousers']);
    expect(inTheWay(tee, [dress, loafers])).toEqual(['dress']);
    expect(inTheWay(scarf, worn)).toEqual([]);
    expect(putOn(worn, dress).map(({ id }) => id)).toEqual(['loafers', 'dress']);
  });
});

describe('what goes best with a look', () => {
  const pool = [...worn, shirt, dress];
  const setting = { occasion: anOccasion({ formality: [5, 9] }) };
  const input = { pieces: worn, pool, stock: [scarf], setting };
  const order = goesBest(input, judge(worn, setting));

  it('is everything that is not worn, by what stands against the look and then by its score', () => {
    expect([...order].sort()).toEqual(['dress', 'scarf', 'shirt']);
    const of = (id: string) => {
      const piece = sure([...pool, scarf].find((each) => each.id === id));
      const after = judge(putOn(worn, piece), setting);
      const grave = { blocks: 10_000, fights: 100, note: 1, works: 0 };
      return [after.findings.reduce((sum, { tone }) => sum + grave[tone], 0), -after.score.sum] as const;
    };
    for (const [i, id] of order.slice(1).entries()) {
      const [before, after] = [of(sure(order[i])), of(id)];
      expect(before[0] < after[0] || (before[0] === after[0] && before[1] <= after[1])).toBe(true);
    }
  });
  it('puts last what would leave half of a dressed figure bare', () => {
    const inDress = [dress, loafers];
    const asked = { pieces: inDress, pool: [tee, scarf], setting: {} };
    expect(goesBest(asked, judge(inDress, {})).at(-1)).toBe('tee');
  });
});
