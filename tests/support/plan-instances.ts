import { seeded } from '@core/chance';
import { type Category, type GivenPiece, pieceFrom } from '@core/piece';
import type { PlanProblem } from '@core/plan';
import { BLANK_OCCASION, type Occasion } from '@core/occasion';

const COLOURS = [
  '#1f2a44',
  '#17171a',
  '#fbfbf9',
  '#f3ecdc',
  '#84868a',
  '#3d3f45',
  '#ad8350',
  '#5f4331',
  '#9c4a24',
  '#56663f',
  '#1f4032',
  '#611f2f',
  '#a6c8de',
  '#c6962d',
  '#1f6a6b',
  '#532a45',
  '#d3c5ab',
  '#b3222e',
];
/** What a shelf holds, kind by kind, as often as it is named. */
const SHELF: readonly Category[] = [
  'tee',
  'shirt',
  'shirt',
  'blouse',
  'blouse',
  'blouse',
  'fine-knit',
  'fine-knit',
  'chunky-knit',
  'cardigan',
  'blazer',
  'blazer',
  'jacket',
  'coat',
  'trousers',
  'trousers',
  'trousers',
  'jeans',
  'skirt',
  'skirt',
  'dress',
  'dress',
  'jumpsuit',
  'loafer',
  'flat',
  'heel',
  'ankle-boot',
  'sneaker',
  'scarf',
  'bag',
  'belt',
  'earrings',
  'necklace',
];
const PRICE: Partial<Record<Category, number>> = {
  coat: 320,
  blazer: 240,
  jacket: 190,
  dress: 180,
  jumpsuit: 190,
  heel: 150,
  'ankle-boot': 180,
  loafer: 150,
  bag: 140,
  belt: 45,
  earrings: 40,
  necklace: 60,
  scarf: 60,
  tee: 35,
};
const OCCASIONS: readonly Partial<Occasion>[] = [
  { title: 'the office', formality: [4, 7], indoorC: 22, outdoorC: 14 },
  { title: 'the dinner', formality: [5, 8], time: 'evening', indoorC: 22 },
  { title: 'the weekend', formality: [1, 4], indoorC: 21 },
  { title: 'the wedding', formality: [6, 9], time: 'day', indoorC: 22 },
  { title: 'the journey', formality: [2, 5], indoorC: 21 },
];

/** A made-up problem of a given size, the same for the same seed. */
export function planProblem(
  {
    candidates,
    owned,
    occasions,
    budget,
    most = 8,
  }: {
    readonly candidates: number;
    readonly owned: number;
    readonly occasions: number;
    readonly budget: number;
    readonly most?: number;
  },
  seed: number,
): PlanProblem {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const piece = (id: string, own: boolean) => {
    const category = pick(SHELF);
    const given: GivenPiece = {
      id,
      category,
      owned: own,
      colours: [{ hex: pick(COLOURS), share: 1 }],
      ...(random() < 0.3 ? { cut: { neckline: 'v' } } : {}),
    };
    return pieceFrom(given);
  };
  return {
    setting: {},
    occasions: OCCASIONS.slice(0, occasions).map((occasion) => ({
      occasion: { ...BLANK_OCCASION, title: '', formality: [0, 10], ...occasion },
      weight: 1,
    })),
    closet: Array.from({ length: owned }, (_, i) => piece(`own ${i}`, true)),
    candidates: Array.from({ length: candidates }, (_, i) => {
      const made = piece(`new ${i}`, false);
      const priceMinor = Math.round((PRICE[made.category] ?? 110) * (0.7 + 0.6 * random())) * 100;
      return {
        piece: { ...made, priceMinor },
        priceMinor,
        ...(random() < 0.5 ? { keep: Math.round(random() * 100) / 100 } : {}),
      };
    }),
    budgetMinor: budget * 100,
    most,
    least: 0,
    bounds: {},
    asks: [],
    pins: [],
    bans: [],
  };
}

/** Boxes of different clients over one stock, of which every piece is there once. */
export function boxesOver(boxes: number, candidates: number, seed: number, stock = 1): PlanProblem[] {
  const shelf = planProblem({ candidates, owned: 0, occasions: 1, budget: 0 }, seed).candidates.map(
    (each) => ({
      ...each,
      stock,
    }),
  );
  return Array.from({ length: boxes }, (_, b) => ({
    ...planProblem(
      { candidates: 0, owned: 8, occasions: 1 + (b % 2), budget: 380 + 40 * b, most: 4 },
      seed + 100 * b + 1,
    ),
    candidates: shelf,
  }));
}
