import { colourName } from '@core/colour';
import { CATEGORY, type Category } from '@core/piece';
import { spell } from './tongue';

/** A colour by its name, as this shop spells: "pale gray". */
export const colourCalled = (hex: string): string => spell(colourName(hex));

/** A kind of garment, as this shop calls it: "Pants". */
export const kindCalled = (category: Category): string => spell(CATEGORY[category].label);
