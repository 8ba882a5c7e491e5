import type { Frame } from '../../figure';
import type { Worn } from '../../piece';

/** How a layer closes in front. */
export interface FrontStyle {
  readonly collar: 'notch' | 'shawl' | 'shirt' | 'stand' | 'none' | 'hood';
  readonly breakY: number;
  readonly buttons: number;
  readonly doubleBreasted: boolean;
  readonly zip: boolean;
  readonly pockets: 'welt' | 'patch' | 'slant' | 'none';
}

/** How a kind of layer closes, by what it is and by its neckline. */
export function styleOf(frame: Frame, worn: Worn): FrontStyle {
  const { y } = frame;
  const { cut } = worn.piece;
  const base = { doubleBreasted: false, zip: false } as const;
  switch (worn.facts.drawn.front) {
    case 'tailored':
      return {
        ...base,
        collar: cut.neckline === 'wrap' ? 'shawl' : 'notch',
        breakY: y.waist - 16,
        buttons: 2,
        pockets: 'welt',
      };
    case 'coat':
      return cut.neckline === 'high' || cut.neckline === 'crew'
        ? { ...base, collar: 'stand', breakY: y.neck + 70, buttons: 5, pockets: 'slant' }
        : {
            ...base,
            collar: 'notch',
            breakY: y.bust + 60,
            buttons: 3,
            doubleBreasted: worn.piece.structure >= 3,
            pockets: 'welt',
          };
    case 'hooded':
      return { ...base, collar: 'hood', breakY: y.neck + 60, buttons: 5, zip: true, pockets: 'slant' };
    case 'short':
      return cut.neckline === 'v' || cut.neckline === 'wrap'
        ? { ...base, collar: 'notch', breakY: y.bust + 30, buttons: 3, pockets: 'patch' }
        : {
            ...base,
            collar: cut.neckline === 'collar' ? 'shirt' : 'stand',
            breakY: y.neck + 66,
            buttons: 0,
            zip: true,
            pockets: 'slant',
          };
    case 'shirt':
      return { ...base, collar: 'shirt', breakY: y.neck + 86, buttons: 6, pockets: 'patch' };
    case 'padded':
      return { ...base, collar: 'stand', breakY: y.neck + 60, buttons: 0, zip: true, pockets: 'slant' };
    case 'pointed':
      return { ...base, collar: 'none', breakY: y.bust + 40, buttons: 5, pockets: 'welt' };
    default:
      return cut.neckline === 'crew'
        ? { ...base, collar: 'none', breakY: y.neck + 80, buttons: 7, pockets: 'none' }
        : { ...base, collar: 'none', breakY: y.bust + 50, buttons: 5, pockets: 'none' };
  }
}
