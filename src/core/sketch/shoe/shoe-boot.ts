import { lines, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Lines } from '../lines';
import { along, edges, outlineOf, places, seen, type ShoeForm, type Solid } from './shoe-form';
import { section, type Upper } from './shoe-section';

/** The foot of a boot with its shaft over it. */
export function boot(worn: Worn, form: ShoeForm, isTall: boolean): Upper {
  const { measures, piece } = worn;
  const { long, heel, half, bed } = form;
  const top = heel + (measures.shaft ?? 140);
  const ankle = heel + 66;
  const wide = Math.max(92, (measures.shaftGirth ?? 260) * 0.42);
  /** The shaft at a height: where its middle is along the foot, half its length and half its width. */
  const at = (up: number): readonly [number, number, number] => {
    const part = Math.max(0, Math.min(1, (up - ankle) / (top - ankle)));
    const calf = isTall ? 10 * Math.sin(Math.PI * part) : 0;
    const a = long * 0.2 + (wide / 2 - long * 0.2) * part + calf;
    return [
      long * 0.2 + (wide / 2 - long * 0.2) * part - calf * 0.6,
      a,
      Math.min(a, 38 + (wide * 0.42 - 38) * part + calf),
    ];
  };
  /** A point of the shaft: 0 behind, by the near side to 1 before, by the far side back to 2. */
  const on = (turn: number, up: number): Solid => {
    const [middle, a, b] = at(up);
    return [middle - Math.cos(turn * Math.PI) * a, -Math.sin(turn * Math.PI) * b, up];
  };
  const ring = (up: number): Solid[] => places(0, 2, 24).map((turn) => on(turn, up));
  const crest = [
    [0.28, ankle - bed(0.28)],
    [0.42, 68],
    [0.62, 50],
    [0.86, 33],
    [0.96, 25],
    [1, 12],
  ] as const;
  const foot = places(0, 1, 18).map((place): Solid[] => {
    if (place >= 0.3) return section(form, place, along(crest, place));
    const [near, far] = edges(form, place, bed(place));
    const [above, beyond] = edges(form, place, ankle, -0.06 * half(place));
    return [near, above, beyond, far];
  });
  const marks: Lines = piece.facts.closure?.includes('lace')
    ? places(ankle, top - 14, Math.max(3, Math.round((top - ankle) / 24))).map((up) => ({
        kind: 'seam',
        path: lines(seen([on(0.74, up), on(1.02, up + 7)])),
      }))
    : [
        {
          kind: 'seam',
          path: smooth(
            seen([
              ...[top - 3, ...places(top - 8, ankle + 6, 8)].map((up) => on(0.46, up)),
              [0.2 * long, -half(0.2), bed(0.2) + 16],
            ]),
          ),
        },
      ];
  return {
    panels: [
      { path: outlineOf(foot) },
      { path: outlineOf(places(ankle - 14, top, 10).map(ring)) },
      { path: smooth(seen(ring(top)).slice(0, -1), true, 0.9), inside: true },
    ],
    lines: marks,
    dots: [],
  };
}
