/** When and where a look is worn. Temperatures in °C, wind in m/s, activity in met. */
export interface Occasion {
  readonly title: string;
  readonly date?: string | undefined;
  /** Lowest and highest formality wanted, 0..10. */
  readonly formality: readonly [number, number];
  readonly time: 'day' | 'evening';
  readonly place?: string | undefined;
  readonly indoorC?: number | undefined;
  readonly outdoorC?: number | undefined;
  readonly humidityPct: number;
  readonly windMs?: number | undefined;
  readonly activityMet?: number | undefined;
  readonly hoursOnFeet?: number | undefined;
  readonly surfaces: readonly ('grass' | 'cobbles' | 'ice' | 'deck' | 'sand' | 'wet')[];
  readonly carry: readonly string[];
  readonly bans: readonly string[];
  readonly musts: readonly string[];
  readonly seenBy: readonly string[];
}

/** What an occasion says while nobody has said anything: by day, usual air, no code. */
export const BLANK_OCCASION = {
  time: 'day',
  humidityPct: 50,
  surfaces: [],
  carry: [],
  bans: [],
  musts: [],
  seenBy: [],
} as const satisfies Omit<Occasion, 'title' | 'formality'>;

/** What a box or a look is for while it is for nothing in particular. */
export const EVERYDAY: Occasion = { ...BLANK_OCCASION, title: 'everyday', formality: [2, 6] };

/** What a client spends: the whole box, and a band for each category. Minor units. */
export interface Budget {
  readonly boxMinor?: number | undefined;
  readonly pieceMinor?: Readonly<Record<string, number>> | undefined;
}
