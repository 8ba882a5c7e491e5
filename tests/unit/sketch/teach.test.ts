import { bodyOf } from '@core/figure';
import { CATEGORIES, modesOf, type Piece } from '@core/piece';
import { isTaught, type Item, stepsOf } from '@core/sketch';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const BODIES = [
  bodyOf({ heightMm: 1500, bust: 820, waist: 650, hip: 880 }),
  bodyOf({ heightMm: 1680, bust: 1120, waist: 960, hip: 1180 }),
  bodyOf({ heightMm: 1960, bust: 1080, waist: 940, hip: 1060, shoulderWidth: 500 }),
];
const cloth = { measures: { width: 1100, lengthFlat: 1900 } };
const pieces = CATEGORIES.flatMap((category) => {
  const piece = one('it', category, '#6c5c7c', {
    cut: { neckline: category === 'dress' ? 'wrap' : 'collar', sleeve: 'long' },
    ...(category === 'scarf' ? cloth : {}),
  });
  return modesOf(piece).map((mode): Piece => ({ ...piece, mode: mode.id }));
});

const numbersOf = (items: readonly Item[]): number[] =>
  items.flatMap((item) => {
    if (item.kind === 'group') return numbersOf(item.items);
    const own = item.path.flatMap(([, ...at]) => at as number[]);
    return item.kind === 'clip' ? [...own, ...numbersOf(item.items)] : own;
  });

describe('ways of wearing, shown step by step', () => {
  const taught = pieces.filter(isTaught);

  it('are every tuck, knot, belt, roll, wrap and tied cloth', () => {
    const effects = taught.map((piece) => {
      const mode = modesOf(piece).find(({ id }) => id === piece.mode);
      return Object.entries(mode?.effects ?? {})
        .map((each) => each.join(' '))
        .sort()[0];
    });
    // The first word of a lesson stands for it; a knit round the shoulders leaves the arms free.
    expect([...new Set(effects)].sort()).toEqual([
      'arms free',
      'arms one free',
      'collar up',
      'knot small',
      'knot wide',
      'leg cuffed',
      'leg in the boot',
      'sleeves pushed',
      'sleeves rolled',
      'tied dress',
      'tied halter',
      'tied short skirt',
      'tied skirt',
      'tuck front',
      'tuck full',
      'tuck half',
      'waist belted',
      'waist knotted',
      'wrapped back',
      'wrapped deep',
      'wrapped low',
      'wrapped side',
    ]);
  });

  it('take three steps on any body, each with its words, and each drawn', () => {
    for (const piece of taught)
      for (const body of BODIES) {
        const steps = stepsOf(piece, body);
        expect(steps).toHaveLength(3);
        for (const { says, drawing } of steps) {
          expect(says).toMatch(/^[A-Z][^.]+\.$/);
          expect(drawing.box.w > 0 && drawing.box.h > 0).toBe(true);
          const numbers = numbersOf(drawing.items);
          expect(numbers.length).toBeGreaterThan(50);
          expect(numbers.every(Number.isFinite), `${piece.category} ${piece.mode}`).toBe(true);
        }
      }
  });

  it('are not shown where nothing is to be done', () => {
    for (const piece of pieces.filter((each) => !isTaught(each)))
      expect(stepsOf(piece, sure(BODIES[0]))).toEqual([]);
    expect(isTaught(one('tee', 'tee', '#ffffff', { mode: 'untucked' }))).toBe(false);
    expect(isTaught(one('body', 'bodysuit', '#ffffff'))).toBe(false);
  });
});
