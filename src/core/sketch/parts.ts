import type { Frame } from '../figure';
import { lines, mirrorPath, type Path, type Point } from '../path';
import type { Part, Worn } from '../piece';
import type { Panel } from './display';
import { skirtBelow } from './lower/skirt';

/** Zones whose part is the sleeves: their panels take its cloth and colours. */
const SLEEVE_ZONES: readonly string[] = ['upper-arms', 'lower-arms'];
export const isSleeve = ({ zone }: Part): boolean => SLEEVE_ZONES.includes(zone);

/** Index of the part that makes the sleeves, or undefined when they are cut from the main cloth. */
export function sleevePart(worn: Worn): number | undefined {
  const at = worn.piece.parts.findIndex(isSleeve);
  return at < 0 ? undefined : at;
}

/** Parts that are shapes of their own: an overskirt, a cape at the shoulders, an inset at the chest. */
export function partPanels(frame: Frame, worn: Worn): Panel[] {
  return worn.piece.parts.flatMap((part, index): Panel[] => {
    if (isSkirt(part)) return overskirt(frame, worn, index);
    if (part.zone === 'shoulders' || part.zone === 'back') return cape(frame, index);
    if (part.zone === 'chest') return inset(frame, index);
    return [];
  });
}

/** True for a part that is a skirt over the piece. */
export const isSkirt = ({ zone }: Part): boolean => ['seat', 'thighs', 'knees', 'calves'].includes(zone);

/** Where an overskirt begins, and its right half from the waist to the hem and the middle. */
export function overskirtOf(frame: Frame, worn: Worn) {
  const waist: Point = [frame.half(worn.measures.waist ?? 780, 'waist') + 4, frame.y.waist];
  const hip: Point = [frame.half((worn.measures.hip ?? 1020) + 60, 'hip'), frame.y.hip];
  const hem = Math.min(frame.y.knee + 160, -20);
  return { waist, hip, hem, right: skirtBelow(frame, worn, waist, hip, hem).right };
}

function overskirt(frame: Frame, worn: Worn, part: number): Panel[] {
  const { waist, hip, hem, right } = overskirtOf(frame, worn);
  // Open in front: each side stops short of the middle.
  const half: Path = [
    ['M', waist[0] * 0.36, waist[1] + 8],
    ['L', waist[0], waist[1]],
    ...right.slice(0, -1),
    ['L', hip[0] * 0.5, hem + 6],
    ['Z'],
  ];
  return [
    { path: half, part },
    { path: mirrorPath(half), part },
  ];
}

function cape(frame: Frame, part: number): Panel[] {
  const x = frame.shoulderHalf;
  const half: Path = [
    ['M', frame.neckHalf * 1.1, frame.y.neck],
    ['L', x, frame.y.tip - 4],
    ['Q', x + 70, frame.y.underarm, x + 96, frame.y.waist + 30],
    ['L', x + 20, frame.y.waist + 46],
    ['L', frame.own.bust * 0.9, frame.y.underarm + 40],
    ['Z'],
  ];
  return [
    { path: half, part, under: true },
    { path: mirrorPath(half), part, under: true },
  ];
}

function inset(frame: Frame, part: number): Panel[] {
  const x = frame.neckHalf * 1.1;
  return [
    {
      path: lines(
        [
          [-x, frame.y.neck + 26],
          [x, frame.y.neck + 26],
          [0, frame.y.bust + 60],
        ],
        true,
      ),
      part,
    },
  ];
}
