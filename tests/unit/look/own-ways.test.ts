import { lookFileSchema } from '@contracts/look-file';
import { judge } from '@core/look';
import { CATEGORIES, CATEGORY, modesOf, type Piece, wear } from '@core/piece';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

const company: Partial<Record<string, readonly Piece[]>> = {
  top: [one('slacks', 'trousers', '#3d4148'), one('shoes', 'loafer', '#3b2a22')],
  bottom: [one('jersey', 'fine-knit', '#d8cbb2'), one('boots', 'tall-boot', '#3b2a22')],
  layer: [
    one('jersey', 'fine-knit', '#d8cbb2'),
    one('slacks', 'trousers', '#3d4148'),
    one('shoes', 'loafer', '#3b2a22'),
  ],
};

/** A look around a piece worn so, as far as it speaks of what was found and measured. */
const judged = (piece: Piece) => {
  const { score, findings } = judge([piece, ...(company[CATEGORY[piece.category].slot] ?? [])]);
  return {
    score,
    findings: findings.map(({ rule, code, tone, measured }) => ({ rule, code, tone, measured })),
  };
};

describe('a shop’s own way of wearing', () => {
  const known = CATEGORIES.flatMap((category) => {
    const piece = one('it', category, '#6c5c7c', { cut: { sleeve: 'long' } });
    return modesOf(piece)
      .filter((mode) => Object.keys(mode.effects ?? {}).length > 0)
      .map((mode) => ({ piece, mode }));
  });

  it('works like ours when it does the same, whatever it is called', () => {
    expect(known.length).toBeGreaterThan(60);
    for (const { piece, mode } of known) {
      const theirs = { ...mode, id: 'our-own', title: 'Our own', effects: mode.effects };
      const own: Piece = { ...piece, modes: [theirs], mode: 'our-own' };
      expect(wear(own).effects).toEqual(wear({ ...piece, mode: mode.id }).effects);
      expect(judged(own), `${piece.category} ${mode.id}`).toEqual(judged({ ...piece, mode: mode.id }));
    }
  });

  it('of a known id means the same without saying what it does', () => {
    for (const { piece, mode } of known) {
      const { effects: _, ...silent } = mode;
      const own: Piece = { ...piece, modes: [silent], mode: mode.id };
      expect(judged(own), `${piece.category} ${mode.id}`).toEqual(judged({ ...piece, mode: mode.id }));
    }
  });

  it('is read from a file, and refused by name when it does what nothing does', () => {
    const file = (effects: object) => ({
      format: 'ivory-rail/look@1',
      pieces: [
        {
          id: 'shirt',
          category: 'shirt',
          colours: [{ hex: '#ffffff', share: 1 }],
          modes: [{ id: 'twist', title: 'Twisted in', how: 'Twist the hem and push it in.', effects }],
        },
      ],
    });
    expect(lookFileSchema.safeParse(file({ tuck: 'front' })).success).toBe(true);
    const refused = lookFileSchema.safeParse(file({ tuck: 'sideways' }));
    expect(refused.error?.issues[0]?.path.join('.')).toBe('pieces.0.modes.0.effects.tuck');
  });
});
