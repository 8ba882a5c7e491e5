import { CATEGORY, type Category, type Cut } from '../piece';
import type { Reading } from './reading';

type CutField = keyof Cut;

/** Kinds a field of cut says something of. */
const SAYS: Readonly<Partial<Record<CutField, (category: Category) => boolean>>> = {
  leg: (category) => CATEGORY[category].legs !== undefined,
  rise: (category) => CATEGORY[category].shape === 'lower',
  toe: (category) => CATEGORY[category].shape === 'shoe',
  sole: (category) => CATEGORY[category].shape === 'shoe',
  neckline: (category) => ['upper', 'whole'].includes(CATEGORY[category].shape),
  sleeve: (category) => ['upper', 'whole'].includes(CATEGORY[category].shape),
  back: (category) => ['upper', 'whole'].includes(CATEGORY[category].shape),
  silhouette: (category) => ['upper', 'whole', 'lower'].includes(CATEGORY[category].shape),
};

const KNITS = 'fine-knit chunky-knit';

function cutFor(cut: Cut | undefined, kinds: readonly Category[], notes: string[]): Cut | undefined {
  if (!cut || kinds.length === 0) return cut;
  const said = Object.entries(cut).filter(([field, value]) => {
    const fits = kinds.some((kind) => SAYS[field as CutField]?.(kind) ?? true);
    if (!fits) notes.push(String(value));
    return fits;
  });
  return said.length > 0 ? Object.fromEntries(said) : undefined;
}

/** A reading in which what was said fits the kinds it is said of; the rest is kept as notes. */
export function fitting(reading: Reading, notes: string[], isChunky: boolean): Reading {
  const { cut: saidCut, notCut: saidNot, length, kinds: said, ...rest } = reading;
  let kinds = said;
  // "shoes, no heels": of many kinds some are left.
  const left = kinds.filter((kind) => !(reading.notKinds ?? []).includes(kind));
  if (left.length > 0) kinds = left;
  if (kinds.join(' ') === KNITS && isChunky) kinds = ['chunky-knit'];
  // "merino roll neck": the neck is the piece.
  if (kinds.length === 0 && saidCut?.neckline === 'roll' && (reading.joins ?? []).length === 0)
    kinds = ['fine-knit'];
  const cut = cutFor(saidCut, kinds, notes);
  const notCut = cutFor(saidNot, kinds, notes);
  const isLong =
    kinds.length === 0 || kinds.some((kind) => ['upper', 'whole', 'lower'].includes(CATEGORY[kind].shape));
  if (length && !isLong) notes.push(length);
  const { text, as, unknown, ...others } = rest;
  return {
    text,
    as,
    kinds,
    ...others,
    ...(cut ? { cut } : {}),
    ...(notCut ? { notCut } : {}),
    ...(length && isLong ? { length } : {}),
    ...(notes.length > 0 ? { notes: [...new Set(notes)].join(', ') } : {}),
    unknown,
  };
}
