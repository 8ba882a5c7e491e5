import { MM_PER_INCH } from '../../words';
import { around, type Interval, type SizeMeaning } from './system';

/** Columns of a size table: middles of the body it is cut for, mm. */
interface Run {
  readonly numbers: readonly number[];
  readonly bust: readonly Interval[];
  readonly waist: readonly Interval[];
  readonly hip: readonly Interval[];
}

const run = (
  numbers: readonly number[],
  bust: readonly number[],
  waist: readonly number[],
  hip: readonly number[],
): Run => ({ numbers, bust: around(bust), waist: around(waist), hip: around(hip) });

/**
 * Women by the European number: steps of 4 cm, from bust 104 on of 6 (5 at the hip). EN 13402-3, typed from memory.
 * British, American, French and Italian numbers count the same bodies from another start: the conversion most shops
 * print on their labels (common practice).
 */
const WOMEN = run(
  [28, 30, 32, 34, 36, 38, 40, 42, 44, 46, 48, 50, 52, 54, 56, 58],
  [680, 720, 760, 800, 840, 880, 920, 960, 1000, 1040, 1100, 1160, 1220, 1280, 1340, 1400],
  [520, 560, 600, 640, 680, 720, 760, 800, 840, 880, 940, 1000, 1060, 1120, 1180, 1240],
  [760, 800, 840, 880, 920, 960, 1000, 1040, 1080, 1120, 1170, 1220, 1270, 1320, 1370, 1420],
);
/** What is added to a number of a system to count as the European one does. */
export const WOMEN_FROM = { EU: 0, FR: 0, UK: 28, US: 32, IT: -4 } as const;

/** Men by the European number, half of the chest in cm. EN 13402-3 for the chest and its drop of 12 cm, from memory. */
const MEN = run(
  [40, 42, 44, 46, 48, 50, 52, 54, 56, 58, 60, 62],
  [800, 840, 880, 920, 960, 1000, 1040, 1080, 1120, 1160, 1200, 1240],
  [680, 720, 760, 800, 840, 880, 920, 970, 1020, 1070, 1120, 1170],
  [840, 880, 920, 960, 1000, 1040, 1080, 1120, 1160, 1200, 1240, 1280],
);

const meaningAt = (table: Run, number: number, chart: string): SizeMeaning | undefined => {
  const i = table.numbers.indexOf(number);
  const [bust, waist, hip] = [table.bust[i], table.waist[i], table.hip[i]];
  return bust && waist && hip ? { chart, body: { bust, waist, hip } } : undefined;
};

/** A women's number by its system; undefined beyond the table. An odd one stands between its neighbours. */
export function womenNumber(system: keyof typeof WOMEN_FROM, number: number): SizeMeaning | undefined {
  return meaningAt(WOMEN, number + WOMEN_FROM[system], `the women’s ${system} table`);
}

export const menNumber = (number: number): SizeMeaning | undefined =>
  meaningAt(MEN, number, 'the men’s EU table');

interface LetterRow {
  readonly bust: Interval;
  readonly waist: Interval;
  readonly hip: Interval;
}

/**
 * Body girths a letter is meant for, mm: EN 13402-3, women, letter codes; typed from memory, and the hips of the two
 * largest follow its steps.
 */
const WOMEN_LETTERS: Readonly<Record<string, LetterRow>> = {
  XXS: { bust: [660, 740], waist: [500, 580], hip: [740, 820] },
  XS: { bust: [740, 820], waist: [580, 660], hip: [820, 900] },
  S: { bust: [820, 900], waist: [660, 740], hip: [900, 970] },
  M: { bust: [900, 980], waist: [740, 820], hip: [970, 1040] },
  L: { bust: [980, 1070], waist: [820, 910], hip: [1040, 1120] },
  XL: { bust: [1070, 1190], waist: [910, 1030], hip: [1120, 1230] },
  XXL: { bust: [1190, 1310], waist: [1030, 1150], hip: [1230, 1350] },
  XXXL: { bust: [1310, 1430], waist: [1150, 1270], hip: [1350, 1470] },
};

/** Chest and waist: EN 13402-3, men, letter codes, from memory; seats follow the chest by 4 cm (common practice). */
const MEN_LETTERS: Readonly<Record<string, LetterRow>> = {
  XXS: { bust: [700, 780], waist: [580, 660], hip: [740, 820] },
  XS: { bust: [780, 860], waist: [660, 740], hip: [820, 900] },
  S: { bust: [860, 940], waist: [740, 820], hip: [900, 980] },
  M: { bust: [940, 1020], waist: [820, 900], hip: [980, 1060] },
  L: { bust: [1020, 1100], waist: [900, 980], hip: [1060, 1140] },
  XL: { bust: [1100, 1180], waist: [980, 1060], hip: [1140, 1220] },
  XXL: { bust: [1180, 1290], waist: [1060, 1190], hip: [1220, 1330] },
  XXXL: { bust: [1290, 1410], waist: [1190, 1310], hip: [1330, 1450] },
};

export const LETTERS = Object.keys(WOMEN_LETTERS);

export const clothesLetter = (letter: string, isMen: boolean): SizeMeaning | undefined => {
  const row = (isMen ? MEN_LETTERS : WOMEN_LETTERS)[letter];
  return row && { chart: 'the letter chart', body: { ...row } };
};

/** Half of a step of one inch. */
const HALF_INCH = MM_PER_INCH / 2;
const inches = (value: number, half = HALF_INCH): Interval => [
  value * MM_PER_INCH - half,
  value * MM_PER_INCH + half,
];

/** A chest in inches: a jacket marked 38. Sizes go by two inches. */
export const chestInches = (value: number): SizeMeaning => ({
  chart: 'its chest in inches',
  body: { bust: inches(value, MM_PER_INCH) },
});

/** A waist in inches, and the inside leg where it is said: "32/34". */
export const waistInches = (waist: number, leg?: number): SizeMeaning => ({
  chart: 'its waist in inches',
  body: {
    waist: inches(waist),
    ...(leg === undefined ? {} : { insideLegLength: inches(leg, MM_PER_INCH) }),
  },
});

/** A collar, in inches or cm, names the neck as it is measured: a finger inside the tape. Steps of half an inch. */
export const collar = (mm: number): SizeMeaning => ({
  chart: 'its collar',
  body: { neck: [mm - 8, mm + 4.7] },
});

/** A waist a belt is meant for: its middle hole, and two more to either side. Common practice. */
export const beltFor = (mm: number): SizeMeaning => ({
  chart: 'the length on its label',
  body: { waist: [mm - 50, mm + 50] },
});
