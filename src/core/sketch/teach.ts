import { type Body, frameOf } from '../figure';
import type { Path, Point } from '../path';
import { type Effects, type Piece, pieceFrom, wear, type Worn } from '../piece';
import type { Drawing, Item } from './display';
import { figureDrawing } from './dressed';
import { flatOf, layersOf } from './worn';

/** One of the few steps to a way of wearing: what the hands do, and how it looks then. */
export interface TaughtStep {
  readonly says: string;
  readonly drawing: Drawing;
}

/** What the teaching figure wears besides: plain, so that only the lesson is seen. */
const PLAIN = '#cfc8bb';
const company = (piece: Piece): Piece[] => {
  const { slot } = wear(piece);
  const plain = (category: Piece['category']): Piece =>
    pieceFrom({ id: `plain ${category}`, category, colours: [{ hex: PLAIN, share: 1 }] });
  const top = { ...plain('tee'), mode: 'full-tuck' };
  const lower = slot === 'bottom' || slot === 'whole';
  const upper = slot === 'top' || slot === 'whole';
  return [...(upper ? [] : [top]), ...(lower ? [] : [plain('trousers')])];
};

const HAND = '#0f5148';

/** Where a hand goes: an arrow from one point to another, bowed to the side by `bow` mm. */
function arrow(from: Point, to: Point, bow = 0): Item[] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.hypot(dx, dy) || 1;
  const [nx, ny] = [-dy / long, dx / long];
  const middle: Point = [(from[0] + to[0]) / 2 + nx * bow, (from[1] + to[1]) / 2 + ny * bow];
  const [ex, ey] = [to[0] - middle[0], to[1] - middle[1]];
  const end = Math.hypot(ex, ey) || 1;
  const [ux, uy] = [ex / end, ey / end];
  const wing = (side: 1 | -1): Point => [to[0] - ux * 26 - side * uy * 15, to[1] - uy * 26 + side * ux * 15];
  const shaft: Path = [
    ['M', ...from],
    ['Q', ...middle, to[0] - ux * 20, to[1] - uy * 20],
  ];
  const head: Path = [['M', ...to], ['L', ...wing(1)], ['L', ...wing(-1)], ['Z']];
  return [
    { kind: 'path', path: shaft, stroke: '#ffffff', strokeMm: 13, opacity: 0.85 },
    { kind: 'path', path: shaft, stroke: HAND, strokeMm: 7 },
    { kind: 'path', path: head, fill: HAND, stroke: '#ffffff', strokeMm: 3 },
  ];
}

/** A dot where a corner or an end is taken hold of. */
const hold = ([x, y]: Point): Item => ({
  kind: 'path',
  path: [
    ['M', x - 15, y],
    ['C', x - 15, y - 20, x + 15, y - 20, x + 15, y],
    ['C', x + 15, y + 20, x - 15, y + 20, x - 15, y],
    ['Z'],
  ],
  fill: HAND,
  stroke: '#ffffff',
  strokeMm: 4,
});

interface Region {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/** The part of the figure a lesson is about. */
const within = ({ x, y, w, h }: Region, items: readonly Item[]): Drawing => ({
  box: { x, y, w, h },
  items: [
    {
      kind: 'clip',
      path: [['M', x, y], ['L', x + w, y], ['L', x + w, y + h], ['L', x, y + h], ['Z']],
      items,
    },
  ],
});

class Lesson {
  private readonly frame;
  constructor(
    private readonly piece: Piece,
    private readonly body: Body,
  ) {
    this.frame = frameOf(body, false);
  }

  /** The piece worn in a way, in a region, with what the hands do. */
  private worn(
    changes: Partial<Piece>,
    region: Region,
    hands: readonly Item[] = [],
    more: readonly Piece[] = [],
  ): Drawing {
    const pieces = [...company(this.piece), ...more, { ...this.piece, ...changes }];
    const { items } = figureDrawing(layersOf(pieces.map(wear), this.body), this.body);
    return within(region, [...items, ...hands]);
  }

  private flat(hands: (box: Drawing['box']) => readonly Item[]): Drawing {
    const { box, items } = flatOf({ ...this.piece, mode: undefined }, this.body);
    return { box, items: [...items, ...hands(box)] };
  }

  private get waist(): Region {
    const { waist } = this.frame.y;
    return { x: -250, y: waist - 200, w: 500, h: 420 };
  }

  private get feet(): Region {
    const { knee } = this.frame.y;
    return { x: -230, y: knee - 60, w: 460, h: -knee + 120 };
  }

  private get chest(): Region {
    const { chin } = this.frame.y;
    return { x: -270, y: chin - 40, w: 540, h: 470 };
  }

  private get arms(): Region {
    const { tip, wrist } = this.frame.y;
    return { x: -330, y: tip - 60, w: 660, h: wrist - tip + 220 };
  }

  tuck(how: 'full' | 'half' | 'front'): TaughtStep[] {
    const { waist } = this.frame.y;
    const down = (x: number): Item[] => arrow([x, waist - 96], [x, waist + 16]);
    const last = {
      full: 'Raise both arms once, so that it eases out a little.',
      half: 'Let the other side fall as it likes.',
      front: 'Leave the sides and the back out.',
    }[how];
    const hands = { full: [-110, 0, 110], half: [70], front: [0] }[how].flatMap(down);
    const second = {
      full: 'Push the hem into the waistband all round.',
      half: 'Push one side of the front in, from the button to the pocket.',
      front: 'Push in the middle of the front, a hand’s width.',
    }[how];
    return [
      { says: 'Let it hang over the waistband.', drawing: this.worn({ mode: 'untucked' }, this.waist) },
      { says: second, drawing: this.worn({ mode: 'untucked' }, this.waist, hands) },
      { says: last, drawing: this.worn({}, this.waist) },
    ];
  }

  knot(): TaughtStep[] {
    const { waist } = this.frame.y;
    return [
      {
        says: 'Leave the lowest three buttons open and take an end in each hand.',
        drawing: this.worn({ mode: 'untucked' }, this.waist, [
          hold([-90, waist + 120]),
          hold([90, waist + 120]),
        ]),
      },
      {
        says: 'Cross the ends at the waist, one under the other.',
        drawing: this.worn({ mode: 'untucked' }, this.waist, [
          ...arrow([-130, waist + 110], [26, waist + 6], -30),
          ...arrow([130, waist + 110], [-26, waist + 6], 30),
        ]),
      },
      { says: 'Knot once and pull the knot flat.', drawing: this.worn({}, this.waist) },
    ];
  }

  twist(): TaughtStep[] {
    const { waist } = this.frame.y;
    return [
      {
        says: 'Gather the hem at the front in one hand.',
        drawing: this.worn({ mode: 'untucked' }, this.waist, [
          ...arrow([-130, waist + 110], [-30, waist + 96], -16),
          ...arrow([130, waist + 110], [30, waist + 96], 16),
        ]),
      },
      {
        says: 'Twist it once round itself.',
        drawing: this.worn({ mode: 'untucked' }, this.waist, [
          hold([0, waist + 96]),
          ...arrow([40, waist + 130], [-44, waist + 124], 60),
        ]),
      },
      { says: 'Tuck the end under, and pull the hem even.', drawing: this.worn({}, this.waist) },
    ];
  }

  /** A tie round a collar: what the hands do in front, then the knot. */
  tie(how: 'small' | 'wide'): TaughtStep[] {
    const { neck } = this.frame.y;
    const shirt = pieceFrom({
      id: 'plain shirt',
      category: 'shirt',
      mode: 'full-tuck',
      colours: [{ hex: PLAIN, share: 1 }],
      cut: { neckline: 'collar' },
    });
    const bare = figureDrawing(
      layersOf(
        [shirt, ...company(this.piece).filter(({ category }) => category !== 'tee')].map(wear),
        this.body,
      ),
      this.body,
    ).items;
    const at = neck + 96;
    const across = arrow([-70, at + 90], [66, at + 20], -40);
    const back = arrow([70, at + 60], [-60, at + 24], 40);
    const through = arrow([0, at - 30], [0, at + 120], 46);
    return [
      {
        says: 'Lay the wide end over the narrow one.',
        drawing: within(this.chest, [...bare, ...across]),
      },
      {
        says:
          how === 'small'
            ? 'Take it once round behind, and up through the neck.'
            : 'Bring it up and down at one side, then round and at the other.',
        drawing: within(this.chest, [...bare, ...(how === 'small' ? back : [...across, ...back])]),
      },
      {
        says: 'Draw it down through the loop and slide the knot up.',
        drawing: this.worn({}, this.chest, through, [shirt]),
      },
    ];
  }

  belt(): TaughtStep[] {
    const { waist } = this.frame.y;
    const half = this.frame.own.waist;
    return [
      { says: 'Close it, and smooth the fronts down.', drawing: this.worn({ mode: 'buttoned' }, this.waist) },
      {
        says: 'Lay the belt where the waist is, not on the hip.',
        drawing: this.worn({ mode: 'buttoned' }, this.waist, [
          ...arrow([-half - 60, waist - 40], [-24, waist], 20),
          ...arrow([half + 60, waist - 40], [24, waist], -20),
        ]),
      },
      { says: 'Buckle it, and pull the cloth even above and below.', drawing: this.worn({}, this.waist) },
    ];
  }

  sleeves(how: 'rolled' | 'pushed'): TaughtStep[] {
    const { wrist, elbow } = this.frame.y;
    const x = this.frame.shoulderHalf + 50;
    const usual = { mode: undefined, modes: [], cut: { ...this.piece.cut, sleeve: 'long' as const } };
    const up = [1, -1].flatMap((side) =>
      arrow([side * (x + 52), wrist - 6], [side * (x + 30), elbow + 24], side * -26),
    );
    return [
      {
        says: how === 'rolled' ? 'Undo the cuff and lay it flat.' : 'Pull the sleeve down to the wrist.',
        drawing: this.worn(usual, this.arms),
      },
      {
        says:
          how === 'rolled'
            ? 'Fold it back twice, each turn as wide as the cuff.'
            : 'Push it up over the elbow, then let it slip back a little.',
        drawing: this.worn(usual, this.arms, up),
      },
      { says: 'Both sleeves end just below the elbow.', drawing: this.worn({}, this.arms) },
    ];
  }

  collar(): TaughtStep[] {
    const { neck } = this.frame.y;
    const usual = { mode: undefined, modes: [] };
    return [
      { says: 'Put it on with the collar down.', drawing: this.worn(usual, this.chest) },
      {
        says: 'Lift the back of the collar with both thumbs.',
        drawing: this.worn(
          usual,
          this.chest,
          [1, -1].flatMap((side) => arrow([side * 120, neck + 40], [side * 78, neck - 70])),
        ),
      },
      { says: 'Let it stand at the back and fall open in front.', drawing: this.worn({}, this.chest) },
    ];
  }

  boots(): TaughtStep[] {
    const { knee } = this.frame.y;
    const boots = pieceFrom({
      id: 'plain boots',
      category: 'tall-boot',
      colours: [{ hex: '#7d7466', share: 1 }],
    });
    const x = this.frame.legX(knee);
    const over = { mode: 'out' };
    return [
      {
        says: 'Fold the spare width of the leg to the outside.',
        drawing: this.worn(
          over,
          this.feet,
          [1, -1].flatMap((side) =>
            arrow([side * (x - 30), knee + 130], [side * (x + 66), knee + 130], side * 20),
          ),
        ),
      },
      {
        says: 'Hold the fold and draw a sock over it.',
        drawing: this.worn(
          over,
          this.feet,
          [1, -1].flatMap((side) => arrow([side * (x + 70), -30], [side * (x + 60), knee + 150])),
        ),
      },
      { says: 'Pull the boot over both.', drawing: this.worn({}, this.feet, [], [boots]) },
    ];
  }

  cuffs(): TaughtStep[] {
    const out = { mode: 'out' };
    const x = this.frame.legX(-60) + 66;
    const once = {
      mode: 'out',
      measures: { ...this.piece.measures, inseam: (this.piece.measures.inseam ?? 780) - 30 },
    };
    const turn = [1, -1].flatMap((side) => arrow([side * x, -20], [side * (x + 4), -120], side * 18));
    return [
      { says: 'Let the hem fall.', drawing: this.worn(out, this.feet) },
      { says: 'Turn it up once, three fingers wide.', drawing: this.worn(once, this.feet, turn) },
      { says: 'Turn it up once more, the same on both legs.', drawing: this.worn({}, this.feet) },
    ];
  }

  shoulders(how: 'free' | 'one free' | 'round the shoulders'): TaughtStep[] {
    const { tip } = this.frame.y;
    const last = {
      free: 'Leave the arms free and the front open.',
      'one free': 'Put one arm into its sleeve and leave the other out.',
      'round the shoulders': 'Knot the sleeves once, low and loose.',
    }[how];
    const round = how === 'round the shoulders';
    return [
      {
        says: round ? 'Fold it in half across the back.' : 'Take it by the collar.',
        drawing: this.flat(({ x, y, w, h }) =>
          round
            ? arrow([x + w / 2, y + h - 40], [x + w / 2, y + h * 0.4])
            : [hold([x + w / 2 - 70, y + 60]), hold([x + w / 2 + 70, y + 60])],
        ),
      },
      {
        says: 'Lay it over the shoulders from behind.',
        drawing: within(this.chest, [
          ...figureDrawing(layersOf(company(this.piece).map(wear), this.body), this.body).items,
          ...[1, -1].flatMap((side) =>
            arrow([side * 60, tip - 130], [side * (this.frame.shoulderHalf + 6), tip + 30], side * -46),
          ),
        ]),
      },
      { says: last, drawing: this.worn({}, this.chest) },
    ];
  }

  cloth(as: NonNullable<Effects['tied']>): TaughtStep[] {
    const { waist, bust, neck } = this.frame.y;
    const at = as === 'skirt' || as === 'short skirt' ? waist : as === 'dress' ? bust - 40 : bust;
    const region: Region =
      as === 'halter' ? this.chest : { x: -330, y: at - 120, w: 660, h: Math.min(900, -at + 160) };
    const goes = {
      skirt: 'Hold two corners at one side and bring the cloth round the waist.',
      'short skirt': 'Fold it in half along its length and bring it round the waist.',
      dress: 'Bring it round under the arms, corners in front.',
      halter: 'Lay it on the front and take two corners up to the neck.',
    }[as];
    const ends = {
      skirt: 'Knot the corners at the side and turn the knot under.',
      'short skirt': 'Knot the corners at the side and turn the knot under.',
      dress: 'Knot at the chest; wear shorts beneath.',
      halter: 'Tie two corners behind the neck and two at the back.',
    }[as];
    const round =
      as === 'halter'
        ? [1, -1].flatMap((side) => arrow([side * 110, bust], [side * 54, neck - 10], side * 20))
        : [...arrow([-210, at + 60], [40, at + 20], -60), ...arrow([210, at + 60], [80, at + 20], 60)];
    const bare = figureDrawing(
      layersOf(company({ ...this.piece, mode: undefined }).map(wear), this.body),
      this.body,
    ).items;
    return [
      {
        says: 'Shake it out and take two corners.',
        drawing: this.flat(({ x, y, w }) => [hold([x + 16, y + 20]), hold([x + w - 16, y + 20])]),
      },
      { says: goes, drawing: within(region, [...bare, ...round]) },
      { says: ends, drawing: this.worn({}, region) },
    ];
  }

  wrap(how: 'side' | 'low' | 'deep' | 'back'): TaughtStep[] {
    const { waist, hip } = this.frame.y;
    const half = this.frame.own.waist;
    const region: Region = { x: -270, y: waist - 330, w: 540, h: 560 };
    const other = { mode: how === 'deep' ? 'wrap-side' : 'wrap-deep' };
    const ends: Readonly<Record<typeof how, Point>> = {
      side: [half, waist],
      low: [half * 0.9, (waist + hip) / 2],
      deep: [20, waist],
      back: [half + 40, waist - 10],
    };
    const to = ends[how];
    return [
      {
        says: how === 'back' ? 'Put it on with the opening behind.' : 'Lay one front over the other.',
        drawing: this.worn(how === 'back' ? {} : other, region),
      },
      {
        says: {
          side: 'Draw the tie across to the side seam.',
          low: 'Let the fronts cross lower and draw the tie to the hip.',
          deep: 'Cross them loosely, and pin the edge on the inside.',
          back: 'Cross the ties behind you and bring them round once.',
        }[how],
        drawing: this.worn(how === 'back' ? {} : other, region, arrow([-half, waist], to, -40)),
      },
      {
        says: how === 'back' ? 'Tie it at the back, ends down.' : 'Tie it once, ends down.',
        drawing: this.worn({}, region),
      },
    ];
  }
}

type Taught = (lesson: Lesson) => readonly TaughtStep[];

/** The lesson of a way of wearing; undefined where there is nothing to teach. */
function lessonOf({ effects, facts }: Worn): Taught | undefined {
  const { tuck, waist, sleeves, collar, leg, arms, as, tied, wrapped, knot } = effects;
  if (as === 'top' || facts.staysIn) return undefined;
  if (tied) return (lesson) => lesson.cloth(tied);
  if (wrapped) return (lesson) => lesson.wrap(wrapped);
  if (as === 'round the shoulders') return (lesson) => lesson.shoulders(as);
  if (waist === 'knotted')
    return (lesson) => (facts.drawn.placket === 'full' ? lesson.knot() : lesson.twist());
  if (waist === 'belted') return (lesson) => lesson.belt();
  if (tuck && tuck !== 'out') return (lesson) => lesson.tuck(tuck);
  if (sleeves) return (lesson) => lesson.sleeves(sleeves);
  if (collar === 'up') return (lesson) => lesson.collar();
  if (knot) return (lesson) => lesson.tie(knot);
  if (leg === 'in the boot') return (lesson) => lesson.boots();
  if (leg === 'cuffed') return (lesson) => lesson.cuffs();
  return arms ? (lesson) => lesson.shoulders(arms) : undefined;
}

/** True for a way of wearing that is shown step by step. */
export const isTaught = (piece: Piece): boolean => lessonOf(wear(piece)) !== undefined;

/**
 * How a piece comes to be worn as it is, in three small drawings on this body; empty where there is nothing to teach.
 * What the hands do in each is common practice, no source.
 */
export const stepsOf = (piece: Piece, body: Body): readonly TaughtStep[] =>
  lessonOf(wear(piece))?.(new Lesson(piece, body)) ?? [];
