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
  strap: (category) => ['upper', 'whole'].includes(CATEGORY[category].shape),
  back: (category) => ['upper', 'whole'].includes(CATEGORY[category].shape),
  silhouette: (category) => ['upper', 'whole', 'lower'].includes(CATEGORY[category].shape),
};

const CLOSE: ReadonlySet<string> = new Set(['slim', 'skinny']);
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

/** "A cashmere crew neck" is a knit, "flares in denim" are jeans: what only one kind of thing has names it. */
function impliedBy({
  cut,
  fibres = [],
  textures = [],
  joins = [],
  notCut,
  notFibres,
}: Reading): readonly Category[] {
  if (joins.length > 0 || notCut || notFibres) return [];
  if ((cut?.neckline === 'crew' || cut?.neckline === 'v') && fibres.some((name) => KNITTED.has(name)))
    return ['fine-knit', 'chunky-knit'];
  if (cut?.leg && OWN_LEGS.has(cut.leg))
    return textures.includes('denim') ? ['jeans'] : ['trousers', 'jeans'];
  return [];
}
const KNITTED: ReadonlySet<string> = new Set([
  'wool',
  'merino',
  'lambswool',
  'cashmere',
  'mohair',
  'alpaca',
  'angora',
]);
const OWN_LEGS: ReadonlySet<string> = new Set(['flare', 'bootcut', 'barrel']);

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
  else if (kinds.length === 0) kinds = impliedBy(reading);
  const cut = cutFor(saidCut, kinds, notes);
  // "A slim fit shirt": said of legs it is a leg, of anything else how close it is cut.
  const isClose =
    saidCut?.leg !== undefined && CLOSE.has(saidCut.leg) && cut?.leg === undefined && kinds.length > 0;
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
    ...(isClose && others.volume === undefined ? { volume: 'close' as const } : {}),
    ...(cut ? { cut } : {}),
    ...(notCut ? { notCut } : {}),
    ...(length && isLong ? { length } : {}),
    ...(notes.length > 0 ? { notes: [...new Set(notes)].join(', ') } : {}),
    unknown,
  };
}
