import type { Frame } from '../../figure';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import { skirtSketch } from './skirt';
import { trouserSketch } from './trousers';

/** Trousers, jeans, leggings, shorts and skirts. */
export function lowerSketch(frame: Frame, worn: Worn): Sketch {
  return worn.facts.skirted ? skirtSketch(frame, worn) : trouserSketch(frame, worn);
}
