import { pieceFrom } from '../../piece';
import { arrow } from './hands';
import type { Lesson, TaughtStep } from './lesson';

/** Sleeves rolled or pushed up. */
export function sleeves(lesson: Lesson, how: 'rolled' | 'pushed'): TaughtStep[] {
  const { wrist, elbow } = lesson.frame.y;
  const x = lesson.frame.shoulderHalf + 50;
  const usual = { mode: undefined, modes: [], cut: { ...lesson.piece.cut, sleeve: 'long' as const } };
  const up = [1, -1].flatMap((side) =>
    arrow([side * (x + 52), wrist - 6], [side * (x + 30), elbow + 24], side * -26),
  );
  return [
    {
      says: how === 'rolled' ? 'Undo the cuff and lay it flat.' : 'Pull the sleeve down to the wrist.',
      drawing: lesson.worn(usual, lesson.arms),
    },
    {
      says:
        how === 'rolled'
          ? 'Fold it back twice, each turn as wide as the cuff.'
          : 'Push it up over the elbow, then let it slip back a little.',
      drawing: lesson.worn(usual, lesson.arms, up),
    },
    { says: 'Both sleeves end just below the elbow.', drawing: lesson.worn({}, lesson.arms) },
  ];
}

/** Trousers tucked into boots. */
export function boots(lesson: Lesson): TaughtStep[] {
  const { knee } = lesson.frame.y;
  const boots = pieceFrom({
    id: 'plain boots',
    category: 'tall-boot',
    colours: [{ hex: '#7d7466', share: 1 }],
  });
  const x = lesson.frame.legX(knee);
  const over = { mode: 'out' };
  return [
    {
      says: 'Fold the spare width of the leg to the outside.',
      drawing: lesson.worn(
        over,
        lesson.feet,
        [1, -1].flatMap((side) =>
          arrow([side * (x - 30), knee + 130], [side * (x + 66), knee + 130], side * 20),
        ),
      ),
    },
    {
      says: 'Hold the fold and draw a sock over it.',
      drawing: lesson.worn(
        over,
        lesson.feet,
        [1, -1].flatMap((side) => arrow([side * (x + 70), -30], [side * (x + 60), knee + 150])),
      ),
    },
    { says: 'Pull the boot over both.', drawing: lesson.worn({}, lesson.feet, [], [boots]) },
  ];
}

/** Hems turned up. */
export function cuffs(lesson: Lesson): TaughtStep[] {
  const out = { mode: 'out' };
  const x = lesson.frame.legX(-60) + 66;
  const once = {
    mode: 'out',
    measures: { ...lesson.piece.measures, inseam: (lesson.piece.measures.inseam ?? 780) - 30 },
  };
  const turn = [1, -1].flatMap((side) => arrow([side * x, -20], [side * (x + 4), -120], side * 18));
  return [
    { says: 'Let the hem fall.', drawing: lesson.worn(out, lesson.feet) },
    { says: 'Turn it up once, three fingers wide.', drawing: lesson.worn(once, lesson.feet, turn) },
    { says: 'Turn it up once more, the same on both legs.', drawing: lesson.worn({}, lesson.feet) },
  ];
}
