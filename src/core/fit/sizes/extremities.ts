import { MM_PER_INCH } from '../../words';
import { around, type SizeMeaning, type SizeSystem } from './system';

/** Steps of the Paris point and the barleycorn, mm. */
const PARIS_POINT = 6.667;
const BARLEYCORN = 8.467;
/** Room before the toes, mm. */
const TOE_ROOM = 15;
/** From half a size below to three quarters above, mm: what a shoe of a foot’s own size allows. */
const SHOE_FITS = [-PARIS_POINT * 0.75, PARIS_POINT * 0.25] as const;

/** Foot length a shoe is meant for, mm: EU = (foot + 15)/6.667, UK = (foot + 15)/8.467 − 25. Common practice. */
export function footOf(system: SizeSystem, size: number, isMen: boolean): number | undefined {
  switch (system) {
    case 'EU':
    case 'FR':
    case 'IT':
      return size * PARIS_POINT - TOE_ROOM;
    case 'UK':
      return (size + 25) * BARLEYCORN - TOE_ROOM;
    case 'US':
      return (size - (isMen ? 1 : 2) + 25) * BARLEYCORN - TOE_ROOM;
    case 'mm':
      return size;
    case 'cm':
      return size * 10;
    case 'inches':
      return size * MM_PER_INCH;
    case 'letters':
      return undefined;
  }
}

export const shoeFor = (footMm: number): SizeMeaning => ({
  chart: 'the shoe scale',
  body: { footLength: [footMm + SHOE_FITS[0], footMm + SHOE_FITS[1]] },
});

/** A head in mm that a hat marked with its girth goes round. */
export const hatFor = (girthMm: number): SizeMeaning => ({
  chart: 'the girth on its label',
  body: { headGirth: [girthMm - 10, girthMm + 2.5] },
});
/** American hats name the diameter in inches, British ones an eighth less. Common practice. */
export const hatInches = (size: number, system: 'UK' | 'US'): SizeMeaning =>
  hatFor((system === 'UK' ? size + 0.125 : size) * MM_PER_INCH * Math.PI);

const HAT_LETTERS = ['XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL'] as const;
const HAT_RUN = around([510, 530, 550, 570, 590, 610, 630]);
const HAND_RUN = {
  women: around([152, 165, 178, 190, 203]),
  men: around([190, 203, 216, 229, 241]),
} as const;
const HAND_LETTERS = ['XS', 'S', 'M', 'L', 'XL'] as const;

/** Head girth by letter, two cm each. Common practice. */
export const hatLetter = (letter: string): SizeMeaning | undefined => {
  const headGirth = HAT_RUN[HAT_LETTERS.indexOf(letter as 'M')];
  return headGirth && { chart: 'the letter chart', body: { headGirth } };
};

/** A glove’s number is the girth of the hand in inches, by quarters and halves. Common practice. */
export const gloveFor = (inches: number): SizeMeaning => ({
  chart: 'the glove scale',
  body: { handGirth: [inches * MM_PER_INCH - 6.5, inches * MM_PER_INCH + 6.5] },
});
export const gloveLetter = (letter: string, isMen: boolean): SizeMeaning | undefined => {
  const handGirth = HAND_RUN[isMen ? 'men' : 'women'][HAND_LETTERS.indexOf(letter as 'M')];
  return handGirth && { chart: 'the letter chart', body: { handGirth } };
};

/** Inner girth of a ring, mm: ISO 8653 counts it so. */
const ringFor = (girthMm: number): SizeMeaning => ({
  chart: 'the ring scale',
  body: { fingerMm: [girthMm - 1.25, girthMm + 0.65] },
});
/** British rings go by letters of 1.25 mm of girth from A at 37.5; American ones by 2.55 from 36.5. Common practice. */
export function ringOf(label: string, system: SizeSystem | undefined): SizeMeaning | undefined {
  const letter = /^([A-Z])( ?1[/⁄]2)?$/.exec(label);
  if (letter?.[1] && (system === undefined || system === 'UK'))
    return ringFor(37.5 + 1.25 * (letter[1].charCodeAt(0) - 65 + (letter[2] ? 0.5 : 0)));
  const number = Number(label);
  if (!Number.isFinite(number)) return undefined;
  if (system === 'US' || (system === undefined && number < 14)) return ringFor(36.5 + 2.55 * number);
  if (system === 'IT') return ringFor(number + 40);
  // Some makers name the diameter.
  return number < 30 ? ringFor(number * Math.PI) : ringFor(number);
}
