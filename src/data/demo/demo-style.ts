import type { Category, MeasureName } from '@core/piece';
import type { Run } from './grading';

/** A style of the demo shop with its colourways. Labels, names and prices are invented. */
export interface DemoStyle {
  readonly title: string;
  readonly label: string;
  readonly category: Category;
  readonly price: number;
  readonly run?: Run;
  /** Shoes: European sizes. One size: none. */
  readonly shoes?: readonly number[];
  readonly one?: boolean;
  readonly volume?: 'close' | 'easy' | 'full';
  readonly base?: Partial<Record<MeasureName, number>>;
  /** `name hex[:share] …`, one entry a colourway. */
  readonly ways: readonly string[];
  readonly with?: Record<string, unknown>;
  /** A second leg length, mm added to the inseam. */
  readonly long?: number;
}
