import { CATEGORY, type Category, type MeasureName, type Measures } from '../piece';

/** "XS, S, M" or "36 38 40": the sizes of a run as somebody types them. */
export const sizesOf = (text: string): string[] => [
  ...new Set(
    text
      .split(/[,;\s]+/)
      .map((word) => word.trim())
      .filter(Boolean),
  ),
];

const capitals = (text: string): string[] => text.toUpperCase().match(/[A-Z0-9]+/g) ?? [];

/** A SKU nobody has to think of: three letters of the first words of the style, then size and length. */
export const usualSku = (styleId: string, size: string, length = ''): string =>
  [
    capitals(styleId)
      .slice(0, 4)
      .map((word) => word.slice(0, 3))
      .join(''),
    ...capitals(`${size} ${length}`),
  ]
    .filter(Boolean)
    .join('-');

/** The measures a size of this kind is known by, in the order they are taken; those given besides come last. */
export function runMeasures(category: Category, given: readonly Measures[]): MeasureName[] {
  const usual = Object.keys(CATEGORY[category].measures) as MeasureName[];
  const more = given.flatMap((measures) => Object.keys(measures) as MeasureName[]);
  return [...new Set([...usual, ...more])];
}

/** Names a style after its title until somebody gives it a code. */
export const styleIdOf = (title: string): string => title.toLowerCase().replace(/[^a-z0-9]+/g, '-');

/** "M long": what a size is called with its length. */
export const sizeWords = ({ size, length }: { readonly size: string; readonly length: string }): string =>
  length ? `${size} ${length}` : size;
