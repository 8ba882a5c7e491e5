import type { Category, Cut, Department, Hour, PatternKind, SEASONS, Texture, VOLUMES, Zone } from '../piece';
import type { SizeSystem } from '../fit';

/** How words are read: as a wish, as a thing somebody owns, or as a garment that comes into stock. */
export const READ_AS = ['ask', 'piece', 'garment'] as const;
export type ReadAs = (typeof READ_AS)[number];

export const LENGTHS = ['cropped', 'hip', 'mini', 'knee', 'midi', 'ankle', 'maxi', 'full'] as const;
export type LengthWord = (typeof LENGTHS)[number];

export const CARE_WORDS = ['machine', 'hand', 'dry-clean', 'noIron', 'waterproof'] as const;
export type CareWord = (typeof CARE_WORDS)[number];

export interface NamedColour {
  readonly name: string;
  readonly hex: string;
}

/** Something the wish must go with: "to wear with the jeans I own". */
export interface Join {
  readonly text: string;
  readonly kinds: readonly Category[];
  readonly colours: readonly NamedColour[];
}

export interface SizeWords {
  readonly system?: SizeSystem | undefined;
  readonly label: string;
}

/** What was understood of a phrase. A field is absent when nothing was said of it; money in minor units, lengths in mm. */
export interface Reading {
  readonly text: string;
  readonly as: ReadAs;
  readonly kinds: readonly Category[];
  readonly notKinds?: readonly Category[];
  readonly count?: number;
  readonly colours?: readonly NamedColour[];
  readonly notColours?: readonly NamedColour[];
  readonly patterns?: readonly PatternKind[];
  readonly notPatterns?: readonly PatternKind[];
  readonly textures?: readonly Texture[];
  readonly notTextures?: readonly Texture[];
  readonly fibres?: readonly string[];
  readonly notFibres?: readonly string[];
  readonly cut?: Cut;
  readonly notCut?: Cut;
  readonly length?: LengthWord;
  readonly notLength?: LengthWord;
  readonly cover?: readonly Zone[];
  readonly heelMaxMm?: number;
  readonly priceMaxMinor?: number;
  readonly priceMinMinor?: number;
  readonly price?: number;
  readonly currency?: string;
  readonly occasion?: string;
  readonly season?: (typeof SEASONS)[number];
  readonly care?: readonly CareWord[];
  readonly joins?: readonly Join[];
  readonly likePiece?: string;
  readonly size?: SizeWords;
  readonly sizes?: readonly string[];
  readonly setOf?: string;
  readonly loved?: boolean;
  readonly worn?: 'often' | 'seldom';
  readonly retired?: boolean;
  readonly department?: Department;
  readonly volume?: (typeof VOLUMES)[number];
  readonly formality?: number;
  readonly hour?: Hour;
  readonly notes?: string;
  /** Words nobody understood, as they were written. */
  readonly unknown: readonly string[];
}
