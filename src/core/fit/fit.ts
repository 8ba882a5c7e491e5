import type { FitPoint, LabelPoint, Wanted } from './ease';
import type { Interval } from './sizes';

export type FitVerdict = 'too small' | 'close' | 'right' | 'roomy' | 'too big';

/** What makes a size work that is not the right one. */
export type Workaround =
  | 'insole'
  | 'hat strip'
  | 'roll the sleeves'
  | 'belt notch'
  | 'take in the waist'
  | 'belt or open layer'
  | 'take in'
  | 'worn open'
  | 'as it is'
  | 'none';

/** How one size fits somebody: what was found, in words of the trade and numbers; sentences are made in `words`. */
export interface Fit {
  readonly size: string;
  readonly verdict: FitVerdict;
  /** What it rests on: a garment that was measured, a body that was not, or a size table. Absent: nothing to compare. */
  readonly origin?: 'given' | 'estimated' | 'chart' | undefined;
  /** The point that decides. */
  readonly point?: FitPoint | LabelPoint | undefined;
  /** Garment less body there, and what is wanted, mm; where the garment was measured. */
  readonly easeMm?: number | undefined;
  readonly wantedMm?: Wanted | undefined;
  /** What the label is meant for there, mm, and by whose table; where it was not. */
  readonly meantMm?: Interval | undefined;
  readonly chart?: string | undefined;
  /** What the decisions of clients taught of the label at the point. */
  readonly learned?: { readonly steps: number; readonly count: number } | undefined;
  /** Two sizes the client stands between, and which the school took, and why. */
  readonly between?:
    | {
        readonly sizes: readonly [smaller: string, larger: string];
        readonly took?: 'smaller' | 'larger' | undefined;
        readonly why?: 'gives' | 'runs large' | 'to layer' | undefined;
      }
    | undefined;
  /** The size was chosen for how it is to sit, and not as it is cut. */
  readonly effect?: 'closer' | 'looser' | undefined;
  /** The size that would fit and is gone, and what makes this one work. */
  readonly instead?: { readonly size: string; readonly works: Workaround } | undefined;
}

/** A fit as it is kept: without what only a choice among sizes needs. */
export const asFit = <T extends Fit>(found: T): Fit => {
  const {
    size,
    verdict,
    origin,
    point,
    easeMm,
    wantedMm,
    meantMm,
    chart,
    learned,
    between,
    effect,
    instead,
  } = found;
  return {
    size,
    verdict,
    origin,
    point,
    easeMm,
    wantedMm,
    meantMm,
    chart,
    learned,
    between,
    effect,
    instead,
  };
};

/** True where a size may be worn, be it a little close or roomy. */
export const wearable = ({ verdict }: Pick<Fit, 'verdict'>): boolean =>
  verdict !== 'too small' && verdict !== 'too big';
