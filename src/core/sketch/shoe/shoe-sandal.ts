import { lines, type Path, smooth } from '../../path';
import { edges, outlineOf, places, seen, seenAt, type ShoeForm, type Solid } from './shoe-form';
import { section, type Upper } from './shoe-section';

/** Where the strap over the toes ends. */
const STRAP_END = 0.76;

/** How a sandal holds the foot: a strap over the toes, a counter, a strap round the ankle. */
export function sandal(form: ShoeForm): Upper {
  const { long, half, bed } = form;
  const floor = [
    ...places(0, 1, 20).map((at) => edges(form, at, bed(at))[0]),
    ...places(1, 0, 20).map((at) => edges(form, at, bed(at))[1]),
  ];
  // The strap over the toes, and what is seen under it from before.
  const strap = places(0.56, STRAP_END, 6).map((at) => section(form, at, 52 - 40 * (at - 0.56)));
  const under = section(form, STRAP_END, 52 - 40 * (STRAP_END - 0.56) - 3);
  // Round the back, from the near side to the far one.
  const round = places(-1, 1, 12).map((turn) => ({ at: 0.1 * Math.abs(turn), side: turn < 0 ? -1 : 1 }));
  const counter = (up: number): Solid[] =>
    round.map(({ at, side }): Solid => [at * long, side * half(at) * 0.94, bed(at) + up * (1 - at)]);
  const ring = (from: number, to: number, up: number): Solid[] =>
    places(from, to, 14).map((turn): Solid => [
      long * 0.17 - Math.cos(turn * Math.PI) * long * 0.155,
      -Math.sin(turn * Math.PI) * 34,
      bed(0.1) + up + (1 - Math.cos(turn * Math.PI)) * 6,
    ]);
  const band = (from: number, to: number): Path =>
    lines(seen([...ring(from, to, 64), ...ring(from, to, 76).reverse()]), true);
  const [x, y] = seenAt(ring(0.42, 0.5, 70)[0] as Solid);
  return {
    panels: [
      { path: smooth(seen(floor), true, 0.9), inside: true },
      { path: band(1, 2), under: true },
      { path: lines(seen([...counter(0), ...counter(68).reverse()]), true) },
      { path: outlineOf(strap) },
      { path: lines(seen(under), true), inside: true },
      { path: band(0, 1) },
    ],
    lines: [],
    dots: [{ x, y, r: 6, tone: 'metal' }],
  };
}
