import { colourNames } from '../colour';
import { CATEGORIES, CATEGORY, type Category, type Piece } from '../piece';

/** One thing a brief wants, read from words and open to editing. */
export interface Ask {
  readonly text: string;
  readonly categories: readonly Category[];
  /** Hex of a colour named, to look near to. */
  readonly colourHex?: string | undefined;
  readonly washable?: boolean | undefined;
  /** May get wet. */
  readonly waterproof?: boolean | undefined;
  /** Nothing that wants ironing. */
  readonly noIron?: boolean | undefined;
  /** Most it may cost, minor units. */
  readonly mostMinor?: number | undefined;
}

const WORDS: Readonly<Record<string, readonly Category[]>> = {
  boots: ['ankle-boot', 'tall-boot'],
  boot: ['ankle-boot', 'tall-boot'],
  shoes: ['flat', 'loafer', 'sneaker', 'sandal', 'heel', 'ankle-boot'],
  shoe: ['flat', 'loafer', 'sneaker', 'sandal', 'heel', 'ankle-boot'],
  heels: ['heel'],
  trainers: ['sneaker'],
  top: ['tee', 'shirt', 'blouse', 'polo', 'fine-knit'],
  tops: ['tee', 'shirt', 'blouse', 'polo', 'fine-knit'],
  knit: ['fine-knit', 'chunky-knit', 'cardigan'],
  jumper: ['fine-knit', 'chunky-knit'],
  sweater: ['fine-knit', 'chunky-knit'],
  suit: ['blazer', 'trousers'],
  bottoms: ['trousers', 'jeans', 'skirt'],
  jewellery: ['necklace', 'earrings', 'bracelet', 'ring'],
  jacket: ['jacket', 'blazer'],
  layer: ['cardigan', 'blazer', 'jacket', 'overshirt'],
  outerwear: ['coat', 'raincoat', 'jacket'],
};

/** "under 80", "up to 120", "below 60.50": the most it may cost. */
function mostOf(lower: string): Pick<Ask, 'mostMinor'> {
  const match =
    /\b(?:under|up to|below|at most|no more than)\s*[^\d\s]?\s*(\d{1,6})(?:[.,](\d{2}))?\b(?!\s*(?:mm|cm|m|in|inch|inches|g|kg|°)\b)/.exec(
      lower,
    );
  return match ? { mostMinor: Number(match[1]) * 100 + Number(match[2] ?? 0) } : {};
}

/** Cloth that comes out of a bag as it went in. Common practice, no source. */
export const needsNoIron = ({ fabric }: Pick<Piece, 'fabric'>): boolean =>
  [
    'rib',
    'cable',
    'denim',
    'corduroy',
    'leather',
    'suede',
    'crinkle',
    'tweed',
    'boucle',
    'fur',
    'sequin',
  ].includes(fabric.texture) ||
  fabric.stretchPct >= 10 ||
  fabric.fibres.some(({ name, pct }) => pct >= 50 && /wool|merino|polyester|cashmere/.test(name));

/** Reads an ask in plain words: "boots that may get wet", "something green", "nothing that needs ironing". */
export function readAsk(text: string): Ask {
  const lower = text.toLowerCase();
  const has = (word: string): boolean => new RegExp(`\\b${word}(s|es)?\\b`).test(lower);
  const categories = new Set<Category>();
  for (const category of CATEGORIES) {
    if (has(category.replace('-', '[ -]')) || has(CATEGORY[category].label.toLowerCase()))
      categories.add(category);
  }
  for (const [word, found] of Object.entries(WORDS))
    if (has(word)) found.forEach((category) => categories.add(category));
  // A coat is not a raincoat's second hit, nor a boot an ankle boot said twice.
  if (has('raincoat')) categories.delete('coat');
  const colour = [...colourNames].sort((a, b) => b.name.length - a.name.length).find(({ name }) => has(name));
  return {
    text,
    categories: [...categories],
    ...(colour ? { colourHex: colour.hex } : {}),
    ...(/wash|machine/.test(lower) ? { washable: true } : {}),
    ...(/\b(wet|rain|waterproof|puddles?|spray)\b/.test(lower) ? { waterproof: true } : {}),
    ...(/\biron(ing)?\b/.test(lower) ? { noIron: true } : {}),
    ...mostOf(lower),
  };
}

/** Whether the budget reaches an ask, in the order they were asked. */
export interface CarriedAsk {
  readonly ask: Ask;
  /** The cheapest that is in stock, minor units; undefined when nothing is. */
  readonly fromMinor?: number | undefined;
  readonly carried: boolean;
}

/**
 * Which asks a budget can carry: each takes the cheapest piece of its kinds that is in stock, one after the
 * other, until the money is out. Without a budget all are carried.
 */
export function carriedAsks(
  asks: readonly Ask[],
  budgetMinor: number | undefined,
  cheapest: Readonly<Record<string, number>>,
): CarriedAsk[] {
  let left = budgetMinor ?? Infinity;
  return asks.map((ask) => {
    const kinds = ask.categories.length > 0 ? ask.categories : Object.keys(cheapest);
    const prices = kinds.flatMap((kind) => cheapest[kind] ?? []);
    if (prices.length === 0) return { ask, carried: false };
    const fromMinor = Math.min(...prices);
    const carried = fromMinor <= left;
    if (carried) left -= fromMinor;
    return { ask, fromMinor, carried };
  });
}
