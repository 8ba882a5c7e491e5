import type { BodyMeasures, Hair } from '../figure';
import type { Department, GOALS, Zone } from '../piece';
import type { Pronoun } from '../words';

/** One of several respected ways to judge, matter by matter. */
export interface Schools {
  readonly colour: 'tonal' | 'accent' | 'harmony' | 'free';
  readonly metals: 'match' | 'mix';
  readonly hides: 'match' | 'coordinate' | 'contrast';
  readonly shine: 'calm' | 'repeat';
  readonly focus: 'quiet' | 'one' | 'bold';
  readonly shape: 'balance' | 'own it';
  readonly size: 'true' | 'down when generous' | 'up to layer';
  readonly pattern: 'none' | 'one' | 'mix';
}

/** Schools as they were settled for one client. */
export interface SettledSchools extends Schools {
  /** Client or file stated the shine; else evenings repeat and days are calm. */
  readonly shineSaid?: boolean | undefined;
}

export const HOUSE_SCHOOLS: Schools = {
  colour: 'accent',
  metals: 'match',
  hides: 'coordinate',
  shine: 'calm',
  focus: 'one',
  shape: 'own it',
  size: 'true',
  pattern: 'mix',
};

export interface Limits {
  readonly heelMaxMm?: number | undefined;
  /** False: no open toes. */
  readonly openToe?: boolean | undefined;
  readonly bagMaxG?: number | undefined;
  readonly avoidFibres: readonly string[];
  readonly avoidMetals: readonly string[];
  readonly washableOnly: boolean;
}

/** What the rules may know of a client. Everything is the client's own statement; nothing is guessed. */
export interface Profile {
  readonly measures: BodyMeasures;
  /** What the client is called by; absent: they. */
  readonly pronoun?: Pronoun | undefined;
  /** Which rails are shopped; absent: nobody said. */
  readonly department?: Department | undefined;
  readonly skinHex?: string | undefined;
  readonly hair?: Hair | undefined;
  readonly pierced?: boolean | undefined;
  readonly goals: readonly (typeof GOALS)[number][];
  /** Zones to keep covered. */
  readonly cover: readonly Zone[];
  /** Zones over which nothing may cling. */
  readonly looseOver: readonly Zone[];
  readonly limits: Limits;
  readonly allergies: readonly string[];
  readonly appetite: {
    readonly statement?: 'quiet' | 'one' | 'bold' | undefined;
    readonly pattern?: 'none' | 'one' | 'mix' | undefined;
    readonly edge?: number | undefined;
  };
  readonly moods: readonly string[];
  readonly colourCard: {
    readonly like: readonly string[];
    readonly avoid: readonly string[];
    readonly never: readonly string[];
  };
  readonly schools: Partial<Schools>;
  readonly nevers: readonly string[];
}

export const NOBODY: Profile = {
  measures: {},
  goals: [],
  cover: [],
  looseOver: [],
  limits: { avoidFibres: [], avoidMetals: [], washableOnly: false },
  allergies: [],
  appetite: {},
  moods: [],
  colourCard: { like: [], avoid: [], never: [] },
  schools: {},
  nevers: [],
};

/** Which setting wins: the client's appetite, then the client's schools, then the file's, then the shop's. */
export function schoolsFor(
  client: Profile,
  file: Partial<Schools> = {},
  shop: Schools = HOUSE_SCHOOLS,
): SettledSchools {
  const merged = { ...shop, ...file, ...client.schools };
  return {
    ...merged,
    shineSaid: (client.schools.shine ?? file.shine) !== undefined,
    focus: client.appetite.statement ?? merged.focus,
    pattern: client.appetite.pattern ?? merged.pattern,
  };
}
