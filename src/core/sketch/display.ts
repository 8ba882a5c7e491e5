import type { Path, Point } from '../path';

/** A linear gradient between two points, mm: place 0..1, colour, opacity. */
export interface Gradient {
  readonly from: Point;
  readonly to: Point;
  readonly stops: readonly (readonly [at: number, hex: string, opacity: number])[];
}

/** A drawing as data, in mm: painters in ui (React), on the server (SVG string) and in PDF only paint it. */
export type Item =
  | {
      readonly kind: 'path';
      readonly path: Path;
      readonly fill?: string | Gradient | undefined;
      /** 0..1; cloth that shows what is beneath is below 1. */
      readonly opacity?: number | undefined;
      readonly stroke?: string | undefined;
      readonly strokeMm?: number | undefined;
      readonly dash?: readonly number[] | undefined;
    }
  | {
      readonly kind: 'clip';
      readonly path: Path;
      readonly items: readonly Item[];
      readonly opacity?: number | undefined;
    }
  | { readonly kind: 'group'; readonly id: string; readonly items: readonly Item[] };

export interface Drawing {
  /** View box in mm. */
  readonly box: { readonly x: number; readonly y: number; readonly w: number; readonly h: number };
  readonly items: readonly Item[];
}

/** A closed piece of cloth (or hide, or metal); what the raster counts. */
export interface Panel {
  readonly path: Path;
  /** `under` panels are painted first: sleeves below the body, the inside of a neckline. */
  readonly under?: boolean;
  /** Inside of the garment: painted darker, not counted. */
  readonly inside?: boolean;
  /** Index into the parts of the piece this panel is made of; absent: the main cloth. */
  readonly part?: number | undefined;
  readonly tone?: 'main' | 'second' | 'metal' | 'sole';
  /** How far the cloth is turned from upright, radians: patterns turn with it. */
  readonly turn?: number | undefined;
  /** How light falls on it: over each leg by itself, across a slanted sleeve; absent: across its box. */
  readonly light?: 'legs' | readonly [Point, Point] | undefined;
}

/** Weight of a line, as on a technical flat: outline, seam, then stitch and fold. */
export type LineKind = 'edge' | 'seam' | 'stitch' | 'fold';

export interface Sketch {
  readonly panels: readonly Panel[];
  readonly lines: readonly {
    readonly kind: LineKind;
    readonly path: Path;
    /** On an `under` panel: the body lies over it. */
    readonly under?: boolean | undefined;
  }[];
  /** Where cloth falls away into its own shade: closed shapes, deepest at their foot. */
  readonly falls?: readonly Path[] | undefined;
  /** Small solid things: buttons, buckles, stones. */
  readonly dots: readonly {
    readonly x: number;
    readonly y: number;
    readonly r: number;
    readonly tone?: 'metal' | 'main' | 'second';
  }[];
}

export const LINE_MM: Readonly<Record<LineKind, number>> = { edge: 2.8, seam: 1.9, stitch: 1.4, fold: 4.5 };
