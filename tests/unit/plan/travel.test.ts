import { BLANK_OCCASION } from '@core/occasion';
import { packFor, type PlanProblem, sheetOf } from '@core/plan';
import { gramsOf, pieceFrom } from '@core/piece';
import { speaker } from '@core/say';
import { describe, expect, it } from 'vitest';
import { planProblem } from '../../support/plan-instances';
import { sure } from '../../support/sure';

const closetOf = (owned: number, seed: number): PlanProblem => ({
  ...planProblem({ candidates: 0, owned, occasions: 2, budget: 0, most: 60 }, seed),
  candidates: [],
});
/** What is seen of somebody whatever the coat: clothes that are no layer, shoe or accessory. */
const OUTFIT: ReadonlySet<string> = new Set([
  'tee',
  'shirt',
  'blouse',
  'fine-knit',
  'chunky-knit',
  'trousers',
  'jeans',
  'skirt',
  'dress',
  'jumpsuit',
]);
const mainsOf = (ids: readonly string[], problem: PlanProblem): string =>
  ids
    .filter((id) => {
      const { category } = sure(problem.closet.find((piece) => piece.id === id));
      return OUTFIT.has(category);
    })
    .sort()
    .join();

describe('packing for a journey', () => {
  it('dresses every day out of what is packed, no outfit twice before the same people', () => {
    const problem = closetOf(40, 3);
    const { pieces, days, grams } = packFor(problem, { days: 6, maxPieces: 12 });
    const packed = new Set(pieces.map(({ id }) => id));
    expect(pieces.length).toBeLessThanOrEqual(12);
    expect(grams).toBe(pieces.reduce((sum, piece) => sum + gramsOf(piece), 0));
    expect(days.map(({ day }) => day)).toEqual([1, 2, 3, 4, 5, 6]);
    const seen = new Set<string>();
    for (const { look, occasion } of days) {
      for (const { id } of sure(look).pieces) expect(packed.has(id)).toBe(true);
      const outfit = `${occasion} ${mainsOf(
        sure(look).pieces.map(({ id }) => id),
        problem,
      )}`;
      expect(seen.has(outfit)).toBe(false);
      seen.add(outfit);
    }
  });

  it('packs no piece that nothing is worn with', () => {
    const { pieces, days } = packFor(closetOf(40, 5), { days: 4, maxPieces: 20 });
    const worn = new Set(days.flatMap(({ look }) => (look?.pieces ?? []).map(({ id }) => id)));
    expect(pieces.filter(({ id }) => !worn.has(id))).toEqual([]);
  });

  it('keeps to the pieces and the weight, and says which days are left', () => {
    const problem = closetOf(40, 3);
    const free = packFor(problem, { days: 8, maxPieces: 20 });
    const light = packFor(problem, { days: 8, maxPieces: 20, maxG: Math.round(free.grams * 0.6) });
    expect(light.grams).toBeLessThanOrEqual(Math.round(free.grams * 0.6));
    const few = packFor(problem, { days: 8, maxPieces: 3 });
    expect(few.pieces.length).toBeLessThanOrEqual(3);
    expect(few.days.filter(({ look }) => !look).length).toBeGreaterThan(0);
    expect(light.value).toBeLessThanOrEqual(free.value + 1e-6);
  });

  it('weighs what was entered, and what is usual of its kind where nothing was', () => {
    const coat = pieceFrom({ id: 'a', category: 'coat', colours: [{ hex: '#1f2a44', share: 1 }] });
    expect(gramsOf(coat)).toBe(800);
    expect(gramsOf({ ...coat, weightG: 1400 })).toBe(1400);
  });

  it('packs nothing out of an empty closet, and undresses every day', () => {
    const { pieces, days, value } = packFor(closetOf(0, 1), { days: 3, maxPieces: 5 });
    expect([pieces.length, value]).toEqual([0, 0]);
    expect(days.every(({ look }) => look === undefined)).toBe(true);
  });
});

describe('a packed journey as a letter tells it', () => {
  const piece = (id: string, title: string, owned: boolean) =>
    pieceFrom({
      id,
      title,
      owned,
      category: 'jeans',
      colours: [{ hex: '#1f2a44', share: 1 }],
      mode: 'cuffed',
    });
  const [jeans, blazer] = [piece('owned:a', 'Dark jeans', true), piece('line:b', 'Warden blazer', false)];
  const by = speaker([jeans, blazer], { owned: 'your' });
  const look = { occasion: 0, pieces: [jeans, blazer], fresh: [], score: 90, opens: 1 };
  it('names what is hers, each day with its occasion, and says of a day without a look what it is', () => {
    const { packing, days } = sheetOf(
      {
        pieces: [jeans, blazer],
        days: [
          { day: 1, occasion: 0, look },
          { day: 2, occasion: 0 },
        ],
      },
      [{ ...BLANK_OCCASION, title: 'a day out', formality: [2, 5] }],
      by,
    );
    expect(packing).toEqual(['Your dark jeans', 'The Warden blazer']);
    expect(days.map(({ line }) => line)).toEqual([
      'Day 1, a day out: your dark jeans and the Warden blazer.',
      'Day 2, a day out: something worn before.',
    ]);
    expect(days[0]?.pieces).toEqual([
      { ref: 'owned:a', mode: 'cuffed' },
      { ref: 'line:b', mode: 'cuffed' },
    ]);
  });
});
