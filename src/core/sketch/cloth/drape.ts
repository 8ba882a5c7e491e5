import type { Frame } from '../../figure';
import type { Worn } from '../../piece';
import { capeSketch } from './cape';
import type { Sketch } from '../display';
import { scarfSketch } from './scarf';
import { shawlSketch } from './shawl';

/** Scarves, shawls, capes: cloth that hangs. */
export function drapeSketch(frame: Frame, worn: Worn): Sketch {
  const { as } = worn.facts.drawn;
  if (as === 'scarf') return scarfSketch(frame, worn);
  return as === 'cape' ? capeSketch(frame, worn) : shawlSketch(frame, worn);
}
