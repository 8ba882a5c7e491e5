import type { Body, FigureOutline } from '../figure';
import { liftOf } from '../figure';
import { memo, memo2, memoNamed } from '../memo';
import { boxOf, ellipse, movePath, type Path } from '../path';
import type { Worn } from '../piece';
import { backSketchOf } from './behind/behind';
import type { Drawing, Item, Sketch } from './display';
import { paint } from './paint/paint';
import { armsBare, figureBare, hairBack, type Person, type Side, wornOutline } from './person';
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
  const lastBelow = layers.findLastIndex(({ worn: one }) => HANGS_BELOW.includes(one.slot));
  const hairAt = layers.findIndex((layer) => layer.worn.facts.shape === 'head');
  layers.forEach(({ worn: one, sketch }, i) => {
    if (behind && i === hairAt) items.push(hairBack(body)(`${hair}`));
    if (THROWS.includes(one.slot)) items.push(shadowOf(sketch, outline));
    items.push({ kind: 'group', id: one.piece.id, items: painted(one, sketch) });
    if (i === lastBelow) items.push(...armsOver(layers, body, outline, person));
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
    items: [...floor(outline)(lift), ...items],
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

/** What may spread under the hands. */
const HANGS_BELOW: readonly Worn['slot'][] = ['bottom', 'whole', 'top'];
/** How broad a hand is where it hangs, mm: a skirt that reaches further out than its inside would hide it. */
const HAND = 75;

/** Where a skirt spreads beneath them, the arms lie on it: skin, and the sleeves they are in, from the waist down. */
function armsOver(
  layers: readonly Layer[],
  body: Body,
  { arms }: FigureOutline,
  { skinHex }: Person,
): readonly Item[] {
  const { x, w } = boxOf([arms[0]]);
  const spreads = layers.some(
    ({ worn, sketch }) =>
      (worn.slot === 'bottom' || worn.slot === 'whole') && sketchBox(sketch).w / 2 > x + w - HAND,
  );
  if (!spreads) return NOBODY_OVER;
  const sleeved = layers.filter(({ worn }) => worn.slot === 'top' || worn.slot === 'whole');
  return [
    armsBelow(body)(skinHex ?? ''),
    ...sleeved.map(({ worn, sketch }) => sleevesBelow(worn, body, sketch)),
  ];
}
const NOBODY_OVER: readonly Item[] = [];

const belowWaist = (body: Body): Path => {
  const from = wornFrame(body).y.waist;
  return [['M', -WIDEST, from], ['L', WIDEST, from], ['L', WIDEST, 0], ['L', -WIDEST, 0], ['Z']];
};
/** Further out than any arm, mm. */
const WIDEST = 1500;

const armsBelow = memo((body: Body) =>
  memoNamed((skin): Item => ({ kind: 'clip', path: belowWaist(body), items: armsBare(body, skin) })),
);

const sleevesOn = memo2((worn: Worn, body: Body): ((sketch: Sketch) => Item) =>
  memo((sketch: Sketch): Item => {
    const under = <T extends { readonly under?: boolean }>(of: readonly T[]): T[] =>
      of.filter((each) => each.under);
    const panels = under(sketch.panels).filter(({ inside }) => !inside);
    return {
      kind: 'clip',
      path: belowWaist(body),
      items: panels.length === 0 ? [] : paint(worn, { panels, lines: under(sketch.lines), dots: [] }),
    };
  }),
);
const sleevesBelow = (worn: Worn, body: Body, sketch: Sketch): Item => sleevesOn(worn, body)(sketch);

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

/** A soft shadow on the floor where the feet stand; the same items while the heels are as high, so that nobody paints it anew. */
const floor = memo(({ width }: FigureOutline) =>
  memoNamed((lift: number) =>
    [1.75, 1.4, 1.05].map((wide): Item => ({
      kind: 'path',
      path: ellipse([0, lift + 4], width * wide, 7 + 6 * wide),
      fill: '#000000',
      opacity: 0.05,
    })),
  ),
);
