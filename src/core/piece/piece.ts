import type { Attributes, MeasureOrigins, Mode } from './attributes';
import type { Category } from './kinds';

/** What the rules see: a garment in the client's size, or an owned item, in one mode. */
export interface Piece extends Attributes {
  readonly id: string;
  readonly title: string;
  readonly owned: boolean;
  readonly assumed?: boolean | undefined;
  /** The one braver choice of a box: what is bold about it is meant. */
  readonly nudge?: boolean | undefined;
  readonly styleId?: string | undefined;
  readonly set?: string | undefined;
  readonly category: Category;
  readonly origins: MeasureOrigins;
  readonly priceMinor?: number | undefined;
  readonly modes: readonly Mode[];
  /** Id of the mode worn; absent: the first of the piece's modes. */
  readonly mode?: string | undefined;
}
