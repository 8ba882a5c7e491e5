import type { Point } from '../../path';
import { arrow, hold, type Region } from './hands';
import type { Item } from '../display';
import type { Lesson, TaughtStep } from './lesson';

/** A hem pushed into the waistband: all round, one side, the middle. */
export function tuck(lesson: Lesson, how: 'full' | 'half' | 'front'): TaughtStep[] {
  const { waist } = lesson.frame.y;
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
    { says: 'Let it hang over the waistband.', drawing: lesson.worn({ mode: 'untucked' }, lesson.waist) },
    { says: second, drawing: lesson.worn({ mode: 'untucked' }, lesson.waist, hands) },
    { says: last, drawing: lesson.worn({}, lesson.waist) },
  ];
}

/** The two ends of a placket, knotted. */
export function knot(lesson: Lesson): TaughtStep[] {
  const { waist } = lesson.frame.y;
  return [
    {
      says: 'Leave the lowest three buttons open and take an end in each hand.',
      drawing: lesson.worn({ mode: 'untucked' }, lesson.waist, [
        hold([-90, waist + 120]),
        hold([90, waist + 120]),
      ]),
    },
    {
      says: 'Cross the ends at the waist, one under the other.',
      drawing: lesson.worn({ mode: 'untucked' }, lesson.waist, [
        ...arrow([-130, waist + 110], [26, waist + 6], -30),
        ...arrow([130, waist + 110], [-26, waist + 6], 30),
      ]),
    },
    { says: 'Knot once and pull the knot flat.', drawing: lesson.worn({}, lesson.waist) },
  ];
}

/** A hem without a placket, twisted and tucked under. */
export function twist(lesson: Lesson): TaughtStep[] {
  const { waist } = lesson.frame.y;
  return [
    {
      says: 'Gather the hem at the front in one hand.',
      drawing: lesson.worn({ mode: 'untucked' }, lesson.waist, [
        ...arrow([-130, waist + 110], [-30, waist + 96], -16),
        ...arrow([130, waist + 110], [30, waist + 96], 16),
      ]),
    },
    {
      says: 'Twist it once round itself.',
      drawing: lesson.worn({ mode: 'untucked' }, lesson.waist, [
        hold([0, waist + 96]),
        ...arrow([40, waist + 130], [-44, waist + 124], 60),
      ]),
    },
    { says: 'Tuck the end under, and pull the hem even.', drawing: lesson.worn({}, lesson.waist) },
  ];
}

/** A belt over what is closed. */
export function belt(lesson: Lesson): TaughtStep[] {
  const { waist } = lesson.frame.y;
  const half = lesson.frame.own.waist;
  return [
    {
      says: 'Close it, and smooth the fronts down.',
      drawing: lesson.worn({ mode: 'buttoned' }, lesson.waist),
    },
    {
      says: 'Lay the belt where the waist is, not on the hip.',
      drawing: lesson.worn({ mode: 'buttoned' }, lesson.waist, [
        ...arrow([-half - 60, waist - 40], [-24, waist], 20),
        ...arrow([half + 60, waist - 40], [24, waist], -20),
      ]),
    },
    { says: 'Buckle it, and pull the cloth even above and below.', drawing: lesson.worn({}, lesson.waist) },
  ];
}

/** Fronts that lie over each other and are tied. */
export function wrap(lesson: Lesson, how: 'side' | 'low' | 'deep' | 'back'): TaughtStep[] {
  const { waist, hip } = lesson.frame.y;
  const half = lesson.frame.own.waist;
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
      drawing: lesson.worn(how === 'back' ? {} : other, region),
    },
    {
      says: {
        side: 'Draw the tie across to the side seam.',
        low: 'Let the fronts cross lower and draw the tie to the hip.',
        deep: 'Cross them loosely, and pin the edge on the inside.',
        back: 'Cross the ties behind you and bring them round once.',
      }[how],
      drawing: lesson.worn(how === 'back' ? {} : other, region, arrow([-half, waist], to, -40)),
    },
    {
      says: how === 'back' ? 'Tie it at the back, ends down.' : 'Tie it once, ends down.',
      drawing: lesson.worn({}, region),
    },
  ];
}
