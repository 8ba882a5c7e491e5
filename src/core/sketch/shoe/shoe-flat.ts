import { lines, movePath, type Path } from '../../path';
import type { Worn } from '../../piece';
import type { Panel, Sketch } from '../display';
import type { Lines } from '../lines';
import {
  edges,
  HEEL_END,
  outlineOf,
  places,
  seen,
  seenAt,
  shaftOf,
  shoeForm,
  type ShoeForm,
  type Solid,
} from './shoe-form';
import { upperOf } from './shoe-upper';

/** The other shoe of a pair stands on the far side, a little before the near one, mm. */
const BESIDE: Solid = [14, 104, 0];

/** A pair as it is set down: at three quarters, from before and above. */
export function shoePair(worn: Worn): Sketch {
  const { panels, lines: marks, dots } = shoeAt(worn);
  const [dx, dy] = seenAt(BESIDE);
  const beside = (path: Path): Path => movePath(path, dx, dy);
  return {
    panels: [
      ...panels.map((panel): Panel => ({ ...panel, path: beside(panel.path), under: true })),
      ...panels,
    ],
    lines: [...marks.map((mark) => ({ ...mark, path: beside(mark.path), under: true })), ...marks],
    dots,
  };
}

function shoeAt(worn: Worn): Sketch {
  const form = shoeForm(worn);
  const { panels, lines: marks, dots } = upperOf(worn, form);
  return { panels: [...soleOf(worn, form), ...panels], lines: [...marks, ...treadOf(worn, form)], dots };
}

function soleOf(worn: Worn, form: ShoeForm): Panel[] {
  const { heel, plate, bed } = form;
  if (worn.facts.drawn.shoe === 'trainer')
    return [
      {
        path: outlineOf(
          places(0, 1, 20).map((at) => {
            const [near, far] = edges(form, at, bed(at) + 15, 4);
            const [low, beyond] = edges(form, at, 0, 3);
            return [low, near, far, beyond, low];
          }),
        ),
        tone: 'sole',
      },
    ];
  const bottom = outlineOf(
    places(0, 1, 20).map((at) => {
      const low = Math.max(0, bed(at) - (at > 0.5 ? Math.max(5, plate) : 5));
      const [near, far] = edges(form, at, bed(at), 2);
      const [under, beyond] = edges(form, at, low, 2);
      return [under, near, far, beyond, under];
    }),
  );
  return [
    ...(heel > 6 ? [{ path: heelOf(worn, form), tone: 'sole' } as const] : []),
    { path: bottom, tone: 'sole' },
  ];
}

/** The heel: as wide as the sole above, at its tip as wide as it is stated. */
function heelOf(worn: Worn, form: ShoeForm): Path {
  const { long, heel, half, bed } = form;
  const isHigh = heel > 50;
  const wide = HEEL_END * long;
  const tip = Math.min(wide, worn.piece.cut.heelTipMm ?? (heel > 55 ? 14 : 55));
  const foot = isHigh ? tip / 2 + 8 : wide / 2;
  /** The ring of the heel at a height: 1 under the shoe, 0 on the ground. A high one curves in under the seat. */
  const ring = (part: number): Solid[] => {
    const grown = isHigh ? part ** 1.8 : part;
    const middle = foot + (wide / 2 - foot) * grown;
    const scale = tip / wide + (1 - tip / wide) * grown;
    const across = isHigh ? Math.max(scale, 0.24) : 0.84 + 0.16 * part;
    return places(0, 1, 20).map((turn): Solid => {
      const at = HEEL_END * (0.5 - 0.5 * Math.cos(2 * Math.PI * turn));
      return [
        middle + (at * long - wide / 2) * scale,
        (turn < 0.5 ? -1 : 1) * half(at) * across,
        part * bed(at),
      ];
    });
  };
  return shaftOf([1, 0.8, 0.6, 0.4, 0.2, 0].map(ring));
}

/** The cut of a heavy sole. */
function treadOf(worn: Worn, form: ShoeForm): Lines {
  if (worn.piece.cut.sole !== 'lug') return [];
  return places(0.5, 0.94, 7).map((at) => {
    const [low] = edges(form, at, 1, 2);
    const [high] = edges(form, at, 7, 2);
    return { kind: 'edge', path: lines(seen([low, high])) };
  });
}
