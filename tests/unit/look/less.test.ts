import { judge, keepsLook, type MendInput, oneOff } from '@core/look';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const tee = one('tee', 'tee', '#ffffff', { title: 'White tee' });
const trousers = one('trousers', 'trousers', '#1f2a44', { title: 'Navy trousers' });
const loafers = one('loafers', 'loafer', '#17171a', { title: 'Black loafers' });
const necklace = one('necklace', 'necklace', '#d9b44a', { title: 'Gold necklace', statement: 4 });
const earrings = one('earrings', 'earrings', '#d9b44a', { title: 'Gold earrings', statement: 4 });
const scarf = one('scarf', 'scarf', '#b3282d', { title: 'Red scarf', statement: 4 });
const ask = (pieces: MendInput['pieces'], more: Partial<MendInput> = {}): MendInput => ({
  pieces,
  pool: [],
  setting: {},
  ...more,
});
const verdictOf = (input: MendInput) => judge(input.pieces, input.setting);

describe('take one off', () => {
  it('names the piece whose leaving lifts the look most, and what it gains is so', () => {
    const much = ask([tee, trousers, loafers, necklace, earrings, scarf]);
    const mend = sure(oneOff(much, verdictOf(much)));
    const gainOf = (id: string): number =>
      judge(
        much.pieces.filter((piece) => piece.id !== id),
        {},
      ).score.sum - verdictOf(much).score.sum;
    expect(mend.gain).toBeCloseTo(gainOf(mend.piece), 1);
    for (const { id } of [necklace, earrings, scarf])
      expect(mend.gain + 0.05).toBeGreaterThanOrEqual(gainOf(id));
  });
  it('takes nothing off a look that is better with all of it, nor what it cannot do without', () => {
    const plain = ask([tee, trousers, loafers]);
    expect(oneOff(plain, verdictOf(plain))).toBeUndefined();
  });
});

describe('if not that', () => {
  const office = anOccasion({ title: 'Office', formality: [2, 5], time: 'day', bans: ['red'] });
  const input = ask([tee, trousers, loafers], { setting: { occasion: office } });
  it('keeps what keeps the look, of the same kind alone', () => {
    const others = [
      one('ivory', 'tee', '#f3ecdc'),
      one('shirt', 'shirt', '#ffffff'),
      one('red', 'tee', '#b3282d'),
      tee,
    ];
    const kept = keepsLook(input, verdictOf(input), 'tee', others);
    expect(kept.map(({ piece }) => piece.id)).toEqual(['ivory']);
  });
  it('says nothing of a piece that is not worn', () =>
    expect(keepsLook(input, verdictOf(input), 'gone', [tee])).toEqual([]));
});
