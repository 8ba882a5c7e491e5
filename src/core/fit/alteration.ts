import { CATEGORY, type Measures, type Piece, sleeveOf } from '../piece';
import type { Body } from '../figure';
import { sizeFit } from './size';
import { HOUSE_TONGUE, MM_PER_INCH, type Tongue } from '../words';

export const ALTERATION_JOBS = ['hem', 'take-in', 'shorten-sleeves'] as const;
export type AlterationJob = (typeof ALTERATION_JOBS)[number];

/** A job on a piece: by how much, mm. A hem below 0 is let down. */
export interface Alteration {
  readonly job: AlterationJob;
  readonly mm: number;
}

export const ALTERATION_WORDS: Readonly<Record<AlterationJob, string>> = {
  hem: 'hem',
  'take-in': 'take in',
  'shorten-sleeves': 'shorten the sleeves',
};

/** "hem, 3 cm shorter": a job with its measure. */
export function alterationWords({ job, mm }: Alteration, tongue: Tongue): string {
  const by = tapeIn(Math.abs(mm), tongue);
  if (job === 'hem') return `hem, ${by} ${mm < 0 ? 'longer' : 'shorter'}`;
  return job === 'take-in' ? `taken in by ${by}` : `sleeves, ${by} shorter`;
}

/** As a tailor reads a tape: to the millimetre, or the eighth of an inch. */
const tapeIn = (mm: number, { units }: Tongue): string =>
  units === 'cm' ? `${mm / 10} cm` : `${Math.round((mm / MM_PER_INCH) * 8) / 8} in`;

/** What a job usually costs (minor units) and takes (days); the stylist writes what the tailor says. Common practice. */
export const ALTERATION_USUAL: Readonly<
  Record<AlterationJob, { readonly priceMinor: number; readonly leadDays: number }>
> = {
  hem: { priceMinor: 1800, leadDays: 3 },
  'take-in': { priceMinor: 2800, leadDays: 5 },
  'shorten-sleeves': { priceMinor: 2400, leadDays: 4 },
};

/** A hem keeps so much to be turned up, mm. */
const HEM_KEEPS = 15;
/** Beyond these a piece is cut anew rather than altered, mm or share. Common practice, no source. */
const MOST = { shorten: 0.35, takeIn: 80, sleeve: 100 } as const;

const LENGTHS: readonly (keyof Measures)[] = ['inseam', 'length'];
const lengthOf = (piece: Piece): keyof Measures | undefined =>
  LENGTHS.find((name) => piece.measures[name] !== undefined && piece.origins[name] !== 'defaulted');

/** Jobs that can be thought of on a piece. */
export function jobsFor(piece: Piece): AlterationJob[] {
  const { shape } = CATEGORY[piece.category];
  if (shape !== 'upper' && shape !== 'whole' && shape !== 'lower') return [];
  const sleeve = sleeveOf(piece);
  const sleeved = sleeve === 'long' || sleeve === 'three-quarter';
  return [
    ...(lengthOf(piece) ? (['hem'] as const) : []),
    'take-in',
    ...(sleeved ? (['shorten-sleeves'] as const) : []),
  ];
}

/** Why a job cannot be done on a piece, in words; undefined when it can. */
export function alterationFault(piece: Piece, { job, mm }: Alteration, tongue: Tongue): string | undefined {
  const told = (length: number): string => tapeIn(length, tongue);
  if (!jobsFor(piece).includes(job)) return `${piece.title} cannot be altered so`;
  if (mm === 0) return 'say by how much';
  if (job !== 'hem' && mm < 0) return 'it can only be made smaller';
  if (job === 'take-in')
    return mm > MOST.takeIn ? `at most ${told(MOST.takeIn)}; beyond that it is another cut` : undefined;
  if (job === 'shorten-sleeves') return mm > MOST.sleeve ? `at most ${told(MOST.sleeve)}` : undefined;
  if (mm < 0) {
    const spare = (piece.measures.hemAllowance ?? 0) - HEM_KEEPS;
    if (piece.measures.hemAllowance === undefined || piece.origins.hemAllowance === 'defaulted')
      return 'nobody measured what the hem has in it';
    return -mm > spare ? `the hem has ${told(Math.max(0, spare))} to let down` : undefined;
  }
  const length = piece.measures[lengthOf(piece) ?? 'length'] ?? 0;
  const most = Math.round(length * MOST.shorten);
  return mm > most ? `at most ${told(most)} of its ${told(Math.round(length))}` : undefined;
}

const GIRTHS = ['bust', 'waist', 'hip'] as const;

/** The piece as it is once the jobs are done. */
export function altered(piece: Piece, jobs: readonly Alteration[]): Piece {
  if (jobs.length === 0) return piece;
  const measures: Record<string, number | undefined> = { ...piece.measures };
  const less = (name: string, mm: number): void => {
    const before = measures[name];
    if (before !== undefined) measures[name] = before - mm;
  };
  for (const { job, mm } of jobs) {
    if (job === 'hem') {
      for (const name of ['length', 'lengthBack', 'inseam']) less(name, mm);
      // What is let down is hem no more.
      if (mm < 0) less('hemAllowance', -mm);
    }
    if (job === 'take-in') for (const name of GIRTHS) less(name, mm);
    if (job === 'shorten-sleeves') less('sleeve', mm);
  }
  return { ...piece, measures };
}

/** Jobs that would bring a piece to what is wanted on a body, by its fit. */
export function suggestedAlterations(piece: Piece, body: Body): Alteration[] {
  const { points } = sizeFit(piece, piece.measures, piece.origins, body);
  const over = (point: string): number => {
    const found = points.find((each) => each.point === point);
    return found ? found.easeMm - found.wantedMm[1] : 0;
  };
  const sleeve = over('sleeve');
  const waist = Math.max(over('waist'), over('bust'));
  const wanted: Alteration[] = [
    ...(sleeve > 0 ? [{ job: 'shorten-sleeves' as const, mm: Math.ceil(sleeve / 5) * 5 + 20 }] : []),
    ...(waist > 0 ? [{ job: 'take-in' as const, mm: Math.ceil(waist / 10) * 10 }] : []),
  ];
  return wanted.filter((each) => alterationFault(piece, each, HOUSE_TONGUE) === undefined);
}
