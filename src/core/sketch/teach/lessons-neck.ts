import { type Effects, pieceFrom } from '../../piece';
import { arrow, hold, type Region, within } from './hands';
import { company, type Lesson, PLAIN, type TaughtStep } from './lesson';

/** A tie round a collar: what the hands do in front, then the knot. */
export function tie(lesson: Lesson, how: 'small' | 'wide'): TaughtStep[] {
  const { neck } = lesson.frame.y;
  const shirt = pieceFrom({
    id: 'plain shirt',
    category: 'shirt',
    mode: 'full-tuck',
    colours: [{ hex: PLAIN, share: 1 }],
    cut: { neckline: 'collar' },
  });
  const bare = lesson.without([shirt, ...company(lesson.piece).filter(({ category }) => category !== 'tee')]);
  const at = neck + 96;
  const across = arrow([-70, at + 90], [66, at + 20], -40);
  const back = arrow([70, at + 60], [-60, at + 24], 40);
  const through = arrow([0, at - 30], [0, at + 120], 46);
  return [
    {
      says: 'Lay the wide end over the narrow one.',
      drawing: within(lesson.chest, [...bare, ...across]),
    },
    {
      says:
        how === 'small'
          ? 'Take it once round behind, and up through the neck.'
          : 'Bring it up and down at one side, then round and at the other.',
      drawing: within(lesson.chest, [...bare, ...(how === 'small' ? back : [...across, ...back])]),
    },
    {
      says: 'Draw it down through the loop and slide the knot up.',
      drawing: lesson.worn({}, lesson.chest, through, [shirt]),
    },
  ];
}

/** A collar that stands up. */
export function collar(lesson: Lesson): TaughtStep[] {
  const { neck } = lesson.frame.y;
  const usual = { mode: undefined, modes: [] };
  return [
    { says: 'Put it on with the collar down.', drawing: lesson.worn(usual, lesson.chest) },
    {
      says: 'Lift the back of the collar with both thumbs.',
      drawing: lesson.worn(
        usual,
        lesson.chest,
        [1, -1].flatMap((side) => arrow([side * 120, neck + 40], [side * 78, neck - 70])),
      ),
    },
    { says: 'Let it stand at the back and fall open in front.', drawing: lesson.worn({}, lesson.chest) },
  ];
}

/** Over the shoulders, the arms free, or knotted round them by its sleeves. */
export function shoulders(lesson: Lesson, how: 'free' | 'one free' | 'round the shoulders'): TaughtStep[] {
  const { tip } = lesson.frame.y;
  const last = {
    free: 'Leave the arms free and the front open.',
    'one free': 'Put one arm into its sleeve and leave the other out.',
    'round the shoulders': 'Knot the sleeves once, low and loose.',
  }[how];
  const round = how === 'round the shoulders';
  return [
    {
      says: round ? 'Fold it in half across the back.' : 'Take it by the collar.',
      drawing: lesson.flat(({ x, y, w, h }) =>
        round
          ? arrow([x + w / 2, y + h - 40], [x + w / 2, y + h * 0.4])
          : [hold([x + w / 2 - 70, y + 60]), hold([x + w / 2 + 70, y + 60])],
      ),
    },
    {
      says: 'Lay it over the shoulders from behind.',
      drawing: within(lesson.chest, [
        ...lesson.without(),
        ...[1, -1].flatMap((side) =>
          arrow([side * 60, tip - 130], [side * (lesson.frame.shoulderHalf + 6), tip + 30], side * -46),
        ),
      ]),
    },
    { says: last, drawing: lesson.worn({}, lesson.chest) },
  ];
}

/** A cloth tied on as a skirt, a dress, a top. */
export function cloth(lesson: Lesson, as: NonNullable<Effects['tied']>): TaughtStep[] {
  const { waist, bust, neck } = lesson.frame.y;
  const at = as === 'skirt' || as === 'short skirt' ? waist : as === 'dress' ? bust - 40 : bust;
  const region: Region =
    as === 'halter' ? lesson.chest : { x: -330, y: at - 120, w: 660, h: Math.min(900, -at + 160) };
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
  const bare = lesson.without(company({ ...lesson.piece, mode: undefined }));
  return [
    {
      says: 'Shake it out and take two corners.',
      drawing: lesson.flat(({ x, y, w }) => [hold([x + 16, y + 20]), hold([x + w - 16, y + 20])]),
    },
    { says: goes, drawing: within(region, [...bare, ...round]) },
    { says: ends, drawing: lesson.worn({}, region) },
  ];
}
