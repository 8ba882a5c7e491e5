import type {
  Category,
  Cut,
  Department,
  Hour,
  PatternKind,
  SEASONS,
  Texture,
  VOLUMES,
  Zone,
} from '../../piece';
import type { CareWord, LengthWord, NamedColour } from '../reading';

/** What one word or phrase of the lexicon says. */
export interface Meaning {
  readonly kinds?: readonly Category[];
  readonly colour?: NamedColour;
  readonly patterns?: readonly PatternKind[];
  readonly textures?: readonly Texture[];
  readonly fibre?: string;
  /** What it is not made of, though it looks it: "faux leather". */
  readonly without?: string;
  readonly cut?: Cut;
  readonly length?: LengthWord;
  readonly zones?: readonly Zone[];
  readonly season?: (typeof SEASONS)[number];
  readonly care?: CareWord;
  readonly loved?: boolean;
  readonly worn?: 'often' | 'seldom';
  readonly retired?: boolean;
  readonly department?: Department;
  readonly volume?: (typeof VOLUMES)[number];
  readonly formality?: number;
  readonly hour?: Hour;
  /** A noun of occasions: "wedding", "work". */
  readonly occasion?: boolean;
  /** A set of pieces: "suit", "co-ord". */
  readonly set?: boolean;
  /** Said of a colour that follows: "pale", "dark". L* towards white or black, in parts of the way. */
  readonly shade?: number;
  /** Understood, kept among the notes: the data has no field for it. */
  readonly note?: boolean;
}

export type Lexicon = Readonly<Record<string, Meaning>>;

/** The same meaning under several phrases, written with "|" between them. */
export function phrases(table: Readonly<Record<string, Meaning>>): Lexicon {
  const all: Record<string, Meaning> = {};
  for (const [names, meaning] of Object.entries(table))
    for (const name of names.split('|')) all[name.trim()] = meaning;
  return all;
}
