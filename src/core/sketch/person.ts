import {
  type Body,
  coverOf,
  type FigureOutline,
  type Frame,
  HAIR,
  type Hair,
  hairBehind,
  hairOf,
  type HairShape,
  outlineOf,
} from '../figure';
import { memo, memoNamed } from '../memo';
import { boxOf, type Path } from '../path';
import type { Gradient, Item } from './display';
import { litFill, litOf } from './paint/light';
import { shade } from './paint/paint';
import { wornFrame } from './worn';

const SKIN = '#e3d0c0';
const HAIR_HEX = '#6b5747';

/** The person under the clothes, in her own colour. */
export interface Person {
  readonly skinHex?: string | undefined;
  readonly hair?: Hair | undefined;
}

/** From where a figure is seen. */
export type Side = 'front' | 'back';

export const wornOutline = memo((body: Body) => outlineOf(wornFrame(body)));

/** A form of one colour in a soft light, with its own line. */
const form = (
  path: Path,
  hex: string,
  line: string,
  light = litOf(hex, { texture: 'smooth', finish: 'matt' }),
): Item => ({
  kind: 'path',
  path,
  fill: litFill(hex, light, boxOf([path])),
  stroke: line,
  strokeMm: 1.8,
});

const strands = (path: Path, line: string): Item =>
  form(path, HAIR_HEX, line, litOf(HAIR_HEX, { texture: 'smooth', finish: 'soft' }));

/** What is on the head, painted: hair, or the cloth over hair that is kept covered. */
interface Crown {
  readonly behind: readonly Item[];
  readonly before: readonly Item[];
}

function crownOf(frame: Frame, hair: Hair | undefined, skin: string): Crown {
  if (hair === 'covered') {
    const { behind, before } = coverOf(frame);
    return { behind: [covering(behind)], before: before.map(covering) };
  }
  const line = shade(skin, -26);
  const { behind, before }: HairShape = hairOf(frame, hair);
  return {
    behind: behind ? [strands(behind, line)] : [],
    before: before ? [strands(before, line)] : [],
  };
}

const COVER_HEX = '#d9d0bf';
const covering = (path: Path): Item => form(path, COVER_HEX, shade(COVER_HEX, -22));

/** Skin and hair: plain tones with a soft light, no face. */
const nudeOf = (outline: FigureOutline, { behind, before }: Crown, skin: string, side: Side): Item[] => {
  const line = shade(skin, -26);
  const bare = [...outline.arms, outline.trunk].map((path) => form(path, skin, line));
  const head = form(outline.head, skin, line);
  if (side === 'back') return [...bare, head];
  return [
    ...behind,
    ...bare,
    ...outline.marks.map((path): Item => ({ kind: 'path', path, stroke: line, strokeMm: 2, opacity: 0.4 })),
    { kind: 'clip', path: outline.trunk, items: [chinShade(outline, skin)] },
    head,
    ...before,
  ];
};

/** Under the chin, and gone where the neck ends. */
function chinShade({ neckShade }: FigureOutline, skin: string): Item {
  const { y, h } = boxOf([neckShade]);
  const fill: Gradient = {
    from: [0, y],
    to: [0, y + h],
    stops: [
      [0, shade(skin, -34), 0.75],
      [1, shade(skin, -20), 0],
    ],
  };
  return { kind: 'path', path: neckShade, fill };
}

/** The bare arms by themselves. */
export const armsBare = (body: Body, skin: string): Item[] =>
  wornOutline(body).arms.map((path) => form(path, skin || SKIN, shade(skin || SKIN, -26)));

const hairNamed = (name: string): Hair | undefined => HAIR.find((each) => each === name);

/** The bare figure as one group, the same object while body, hair and skin are: it is painted once. */
export const figureBare = memo((body: Body) =>
  memoNamed((key): Item => {
    const [hair = '', side, said] = key.split(' ');
    const skin = said || SKIN;
    const crown = crownOf(wornFrame(body), hairNamed(hair), skin);
    return {
      kind: 'group',
      id: '',
      items: nudeOf(wornOutline(body), crown, skin, side === 'back' ? 'back' : 'front'),
    };
  }),
);

/** The group of it: no piece is called so. */
const HAIR_ID = 'person:hair';

/** The hair of a figure seen from behind, as a group of its own: it lies over what is worn at the neck. */
export const hairBack = memo((body: Body) =>
  memoNamed((name): Item => {
    const hair = hairNamed(name);
    if (hair === 'covered')
      return { kind: 'group', id: HAIR_ID, items: [covering(coverOf(wornFrame(body)).behind)] };
    const { cap, over, strands: fine } = hairBehind(wornFrame(body), hair);
    const line = shade(HAIR_HEX, -12);
    const paths = over ? [cap, over] : [cap];
    const strand = (path: Path): Item => ({ kind: 'path', path, stroke: line, strokeMm: 1.6, opacity: 0.55 });
    return {
      kind: 'group',
      id: HAIR_ID,
      items: [...paths.map((path) => strands(path, line)), ...fine.map(strand)],
    };
  }),
);
