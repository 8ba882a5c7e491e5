import { colourName, isCalled } from '../../colour';
import { memoByText } from '../../memo';
import { CATEGORY, type Cut, type Piece, type Worn } from '../../piece';
import { lengthWordOf, read, type Reading } from '../../reading';
import { contentOf } from '../../substances';

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

const understood = memoByText((word: string): Understood => ({
  readings: (['british', 'american'] as const).map((english) => read(word, { english })),
  heelOverMm: read(`no ${word}`).heelMaxMm,
  isAnyPattern: /^\W*(?:any |all )?(?:prints?|patterns?|printed|patterned)\W*$/i.test(word),
  isIroned: /\biron/i.test(word) && !/\b(?:non|no|easy)[- ]?iron/i.test(word),
}));

/** What people say in words of their own, read as an ask is. */
function saidBy({ piece }: Worn, word: string): NeverMet['says'] | undefined {
  const { readings, heelOverMm, isAnyPattern, isIroned } = understood(word);
  // "Heels over 5 cm" leaves the low ones in.
  if (heelOverMm !== undefined) return (piece.measures.heel ?? 0) > heelOverMm ? 'holds' : undefined;
  if (isAnyPattern) return ['solid', 'marl'].includes(piece.pattern.kind) ? undefined : 'holds';
  if (isIroned) return piece.ironing === 'press' ? 'holds' : undefined;
  const [here, there] = readings.map((reading) => metBy(piece, reading));
  return here ?? (there && 'may');
}

/**
 * Whether a piece is what a phrase describes: all that was understood of it holds. Words that nobody understood, or no field
 * can hold, make it "may": somebody looks.
 */
function metBy(piece: Piece, reading: Reading): NeverMet['says'] | undefined {
  const {
    kinds,
    colours = [],
    patterns = [],
    textures = [],
    fibres = [],
    cut = {},
    volume,
    care = [],
  } = reading;
  const isSaid: boolean[] = [];
  const asks = (isPart: boolean, holds: () => boolean): void => {
    if (isPart) isSaid.push(holds());
  };
  asks(kinds.length > 0, () => kinds.includes(piece.category));
  asks(colours.length > 0, () =>
    colours.some((named) => piece.colours.some(({ hex, share }) => share >= SHOWS && isCalled(hex, named))),
  );
  asks(patterns.length > 0, () => patterns.includes(piece.pattern.kind));
  asks(textures.length > 0, () => textures.includes(piece.fabric.texture));
  asks(fibres.length > 0, () => fibres.some((name) => contentOf(piece, name).says === 'holds'));
  for (const [field, value] of Object.entries(cut))
    asks(true, () => cutOf(piece, field as keyof Cut) === value);
  asks(reading.length !== undefined, () => lengthWordOf(piece) === reading.length);
  asks(volume !== undefined, () => piece.volume === volume);
  asks(care.includes('dry-clean'), () => piece.care === 'dry-clean');
  if (isSaid.length === 0 || isSaid.includes(false)) return undefined;
  return reading.unknown.length > 0 || reading.notes !== undefined ? 'may' : 'holds';
}

const cutOf = (piece: Piece, field: keyof Cut): Cut[keyof Cut] =>
  piece.cut[field] ?? (field === 'sleeve' ? CATEGORY[piece.category].sleeve : undefined);
