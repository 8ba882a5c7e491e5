import type { Body, FigureOutline } from '../figure';
import { liftOf } from '../figure';
import { memo, memo2 } from '../memo';
import { boxOf, ellipse, movePath, type Path } from '../path';
import type { Worn } from '../piece';
import { backSketchOf } from './behind/behind';
import type { Drawing, Item, Sketch } from './display';
import { paint } from './paint/paint';
import { figureBare, hairBack, type Person, type Side, wornOutline } from './person';
import { type Layer, wornFrame } from './worn';

const backSketch = memo2((worn: Worn, body: Body) => backSketchOf(wornFrame(body), worn));

const painted = memo2(paint);
const outlineBox = memo((outline: FigureOutline) => boxOf([outline.trunk, outline.head, ...outline.arms]));
const sketchBox = memo((sketch: Sketch) => boxOf(sketch.panels.map((panel) => panel.path)));

/** The figure wearing a look, on its shoes, at true scale; floor at y = 0. Pieces are groups by id. */
export function figureDrawing(
  worn: readonly Layer[],
  body: Body,
  person: Person = {},
  side: Side = 'front',
): Drawing {
  const behind = side === 'back';
  const layers = behind ? worn.map((layer) => ({ ...layer, sketch: backSketch(layer.worn, body) })) : worn;
  const lift = liftOf(layers.map((layer) => layer.worn));
  const outline = wornOutline(body);
  // A knot has no room under a hat; hair that is covered stays so.
  const hatted = layers.some(({ worn: one }) => one.facts.drawn.as === 'hat');
  const hair = hatted && person.hair === 'up' ? 'short' : person.hair;
  const bare = (...slots: readonly Worn['slot'][]): boolean =>
    !layers.some(({ worn }) => slots.includes(worn.slot));
  const items: Item[] = [figureBare(body)(`${hair} ${side} ${person.skinHex ?? ''}`)];
  if (bare('top', 'whole')) items.push(linen(outline.base.above));
  if (bare('bottom', 'whole')) items.push(linen(outline.base.below));
  // Seen from behind, hair lies over collar and scarf, and under a hat.
  const hairAt = layers.findIndex((layer) => layer.worn.facts.shape === 'head');
  layers.forEach(({ worn: one, sketch }, i) => {
    if (behind && i === hairAt) items.push(hairBack(body)(`${hair}`));
    if (THROWS.includes(one.slot)) items.push(shadowOf(sketch, outline));
    items.push({ kind: 'group', id: one.piece.id, items: painted(one, sketch) });
  });
  if (behind && hairAt < 0) items.push(hairBack(body)(`${hair}`));
  const boxes = [outlineBox(outline), ...layers.map(({ sketch }) => sketchBox(sketch))];
  const left = Math.min(...boxes.map((box) => box.x));
  const right = Math.max(...boxes.map((box) => box.x + box.w));
  const highest = Math.min(...boxes.map((box) => box.y));
  const half = Math.max(400, -left, right) + 20;
  const top = Math.min(-body.heightMm - 60, highest - 10);
  return {
    box: { x: -half, y: top, w: half * 2, h: -top + Math.max(lift, 0) + 40 },
    items: [...floor(outline.width, lift), ...items],
  };
}

/** Plain linen: nobody stands undressed on a screen. */
const linen = memo((path: Path): Item => ({
  kind: 'path',
  path,
  fill: '#ece6db',
  stroke: '#b8ad9c',
  strokeMm: 1.8,
}));

/** What lies over something else and keeps the light from it. */
const THROWS: readonly Worn['slot'][] = ['top', 'layer', 'whole', 'scarf', 'bottom', 'belt'];
const SHADOW = { fall: 11, opacity: 0.2 } as const;

/** The shadow that a layer throws just below its edges; on the person and never on the ground behind. */
const shadowOf = memo2((sketch: Sketch, { trunk }: FigureOutline): Item => ({
  kind: 'clip',
  path: trunk,
  items: sketch.panels
    .filter(({ inside }) => !inside)
    .map(({ path }): Item => ({
      kind: 'path',
      path: movePath(path, 0, SHADOW.fall),
      fill: '#000000',
      opacity: SHADOW.opacity,
    })),
}));

/** A soft shadow on the floor where the feet stand. */
const floor = (half: number, lift: number): Item[] =>
  [1.75, 1.4, 1.05].map((wide): Item => ({
    kind: 'path',
    path: ellipse([0, lift + 4], half * wide, 7 + 6 * wide),
    fill: '#000000',
    opacity: 0.05,
  }));
