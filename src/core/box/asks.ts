import { colourNames } from '../colour';
import { CATEGORIES, CATEGORY, type Category } from '../piece';

/** One thing a brief wants, read from words and open to editing. */
export interface Ask {
  readonly text: string;
  readonly categories: readonly Category[];
  /** Hex of a colour named, to look near to. */
  readonly colourHex?: string | undefined;
  readonly washable?: boolean | undefined;
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
  };
}
