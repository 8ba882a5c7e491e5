import type { Frame } from '../../figure';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import { shoePair } from './shoe-flat';
import { shoeFront } from './shoe-front';

/** Shoes: a pair at three quarters when they are set down, from the front on the figure. */
export const shoeSketch = (frame: Frame, worn: Worn): Sketch =>
  frame.flat ? shoePair(worn) : shoeFront(frame, worn);
