import { colourName, isCalled } from '../../colour';
import { memoByText } from '../../memo';
import { CATEGORIES, type Cut, cutOf, PATTERN_KINDS, type Piece, TEXTURES, type Worn } from '../../piece';
import { lengthWordOf, read, type Reading, zonesNamed } from '../../reading';
import { contentOf, substancesIn } from '../../substances';

export interface NeverMet {
  readonly word: string;
  readonly says: 'holds' | 'may';
  /** As the label says it; absent for a kind, a texture or a colour. */
  readonly named?: string | undefined;
}

/** Stated nevers that a piece meets, or may meet: "wool", "florals", "polo necks", "short skirts", "heels over 5 cm". */
export function neversMet(worn: Worn, nevers: readonly string[]): readonly NeverMet[] {
  return nevers.flatMap((word): NeverMet[] => {
    if (isNamed(worn, word)) return [{ word, says: 'holds' }];
    const content = contentOf(worn.piece, word);
    // What nobody entered is asked about for an allergy; a never is a wish.
    if (content.says === 'holds' || content.says === 'may')
      return [{ word, says: content.says, named: content.named }];
    const says = saidBy(worn, word);
    return says ? [{ word, says }] : [];
  });
}

/** This much of a piece in a colour is that colour to whoever never wears it. */
const SHOWS = 0.1;

/** A stated never names a category, a texture, a pattern or a colour, as the data does. */
function isNamed({ piece, swatches }: Worn, word: string): boolean {
  const said = word.trim().toLowerCase();
  return (
    said === piece.category ||
    said === piece.fabric.texture ||
    said === piece.pattern.kind ||
    swatches.some(
      (swatch) =>
        swatch.share >= SHOWS && (swatch.name?.toLowerCase() === said || colourName(swatch.hex) === said),
    )
  );
}

interface Understood {
  /** In the two Englishes: nobody has said which a never was written in, and "vest" is one thing here, another there. */
  readonly readings: readonly Reading[];
  /** "Heels over 5 cm": the height, mm. */
  readonly heelOverMm?: number | undefined;
  /** "Prints": any of them. */
  readonly isAnyPattern: boolean;
  /** "Anything that needs ironing". */
  readonly isIroned: boolean;
}

/** "No pink", "I never wear pink", "nothing with polyester": a never, said as one. */
const SAID_AS_NEVER =
  /^\W*(?:(?:i|we|she|he|they)\s+)?(?:(?:will|would|can|do|does)\s+)?(?:never|not?|don['’]?t|doesn['’]?t|won['’]?t|hates?|avoids?|dislikes?|nothing|can['’]?t stand)\s+(?:(?:wears?|wearing|likes?|wants?|any|in|with|that (?:is|has))\s+)*/i;

/** What it says of a thing, and not what it leaves out. */
const isOfSomething = (reading: Reading): boolean => saidOf(reading).length > 0;

const understood = memoByText((word: string): Understood => {
  const plain = word.replace(SAID_AS_NEVER, '');
  // "No sleeves" is a thing of its own.
  const said = isOfSomething(read(plain)) ? plain : word;
  return {
    readings: (['british', 'american'] as const).map((english) => read(said, { english })),
    heelOverMm: read(`no ${plain}`).heelMaxMm,
    isAnyPattern: ANY_PATTERN.test(said) && !ONE_PATTERN.test(said),
    isIroned: /\biron/i.test(word) && !/\b(?:non|no|easy)[- ]?iron/i.test(word),
  };
});
const ANY_PATTERN = /\b(?:prints?|patterns?|printed|patterned)\b/i;
const ONE_PATTERN = /\b(?:abstract|tie[- ]?dye|paisley|marbled)\b/i;

/** True for a never that something of a piece can meet; another stands over the box and is kept by whoever packs it. */
export function isChecked(word: string): boolean {
  const { readings, heelOverMm, isIroned } = understood(word);
  return (
    heelOverMm !== undefined ||
    isIroned ||
    substancesIn(word).length > 0 ||
    readings.some(isOfSomething) ||
    zonesNamed(word).length > 0
  );
}

/** True where all of a phrase is told by what is entered: of "ripped jeans" the jeans are, and not that they are ripped. */
export function isToldWhole(phrase: string): boolean {
  const word = phrase.trim().toLowerCase();
  if (([...CATEGORIES, ...TEXTURES, ...PATTERN_KINDS] as readonly string[]).includes(word)) return true;
  const { readings, heelOverMm, isIroned } = understood(word);
  if (heelOverMm !== undefined || isIroned || substancesIn(word).length > 0) return true;
  return readings.some(
    (reading) => isOfSomething(reading) && reading.unknown.length === 0 && reading.notes === undefined,
  );
}

/** What people say in words of their own, read as an ask is. */
function saidBy({ piece }: Worn, word: string): NeverMet['says'] | undefined {
  const { readings, heelOverMm, isAnyPattern, isIroned } = understood(word);
  // "Heels over 5 cm" leaves the low ones in.
  if (heelOverMm !== undefined) return (piece.measures.heel ?? 0) > heelOverMm ? 'holds' : undefined;
  if (isIroned) return piece.ironing === 'press' ? 'holds' : undefined;
  const [here, there] = readings.map((reading) => metBy(piece, reading, isAnyPattern));
  return here ?? (there && 'may');
}

/** Metals somebody means who names one as a colour. */
const METAL_TONES: Readonly<Record<string, readonly Piece['metal'][]>> = {
  gold: ['yellow', 'rose'],
  silver: ['white'],
  'rose gold': ['rose'],
};

/** A thing that a phrase says of a piece. */
type Said = (piece: Piece, isAnyPattern: boolean) => boolean;

/** All that a phrase says of a piece, each to be held against it. */
function saidOf({
  kinds,
  colours = [],
  patterns = [],
  textures = [],
  fibres = [],
  cut = {},
  length,
  volume,
  care = [],
}: Reading): Said[] {
  const said: Said[] = [];
  if (kinds.length > 0) said.push(({ category }) => kinds.includes(category));
  if (colours.length > 0)
    said.push((piece) =>
      colours.some(
        (named) =>
          METAL_TONES[named.name]?.includes(piece.metal) ||
          piece.colours.some(({ hex, share }) => share >= SHOWS && isCalled(hex, named)),
      ),
    );
  if (patterns.length > 0)
    said.push(({ pattern: { kind } }, isAny) =>
      isAny && patterns.join() === 'abstract' ? !['solid', 'marl'].includes(kind) : patterns.includes(kind),
    );
  if (textures.length > 0) said.push(({ fabric }) => textures.includes(fabric.texture));
  if (fibres.length > 0) said.push((piece) => fibres.some((name) => contentOf(piece, name).says === 'holds'));
  for (const [field, value] of Object.entries(cut))
    said.push((piece) => cutOf(piece, field as keyof Cut) === value);
  if (length !== undefined) said.push((piece) => lengthWordOf(piece) === length);
  if (volume !== undefined) said.push((piece) => piece.volume === volume);
  if (care.includes('dry-clean')) said.push((piece) => piece.care === 'dry-clean');
  return said;
}

/**
 * Whether a piece is what a phrase describes: all that was understood of it holds. Words that nobody understood, or no field
 * can hold, make it "may": somebody looks.
 */
function metBy(piece: Piece, reading: Reading, isAnyPattern: boolean): NeverMet['says'] | undefined {
  const said = saidOf(reading);
  if (said.length === 0 || !said.every((holds) => holds(piece, isAnyPattern))) return undefined;
  return reading.unknown.length > 0 || reading.notes !== undefined ? 'may' : 'holds';
}
