import type { Sketch } from '../display';
import { places, type ShoeForm, type Solid } from './shoe-form';

/** What stands over a sole. */
export type Upper = Pick<Sketch, 'panels' | 'lines' | 'dots'>;

/** Shares of the way over the foot, from its near edge to its far one. */
export const PARTS = places(0, 1, 12);

/** A section over the foot, from the near edge to the far one. */
export const section = ({ over }: ShoeForm, at: number, high: number): Solid[] =>
  PARTS.map((part) => over(at, part, high));
