import { type Random, seeded } from '../chance';
import { SCORED } from '../look';
import {
  EXERCISE_KINDS,
  type Level,
  type Made,
  type Making,
  type PracticeStock,
  type Skill,
} from './exercise';
import { budget } from './kinds/budget';
import { clash, mend } from './kinds/clash';
import { finish } from './kinds/finish';
import { heel } from './kinds/heel';
import { size } from './kinds/size';
import { ways } from './kinds/ways';
import { which } from './kinds/which';
import { whites } from './kinds/whites';
import { wish } from './kinds/wish';

/** Everything that can be practised, in the order a beginner meets it. */
export const SKILLS: readonly Skill[] = EXERCISE_KINDS.flatMap((kind): Skill[] => {
  switch (kind) {
    case 'which':
    case 'clash':
    case 'mend':
      return SCORED.map((matter) => ({ kind, matter }));
    case 'whites':
      return [{ kind, matter: 'C' }];
    case 'heel':
      return [{ kind, matter: 'P' }];
    case 'size':
      return [{ kind, matter: 'K' }];
    case 'finish':
    case 'ways':
      return [{ kind, matter: 'L' }];
    case 'wish':
    case 'budget':
      return [{ kind, matter: 'A' }];
  }
});

export const skillKey = ({ kind, matter }: Skill): string => `${kind}:${matter}`;

/**
 * Makes an exercise of a skill out of a shop's stock, step by step: the same again for the same seed; undefined where the
 * stock has nothing to show it with.
 */
export function makingOf({ kind, matter }: Skill, level: Level, stock: PracticeStock, seed: number): Making {
  const random: Random = seeded(seed);
  switch (kind) {
    case 'which':
      return which(stock, matter, level, random);
    case 'clash':
      return clash(stock, matter, level, random);
    case 'mend':
      return mend(stock, matter, level, random);
    case 'whites':
      return whites(stock, level, random);
    case 'heel':
      return heel(stock, level, random);
    case 'size':
      return size(stock, level, random);
    case 'finish':
      return finish(stock, level, random);
    case 'ways':
      return ways(stock, level, random);
    case 'wish':
      return wish(stock, level, random);
    case 'budget':
      return budget(stock, level, random);
  }
}

/** The same at one go. */
export function makeExercise(
  skill: Skill,
  level: Level,
  stock: PracticeStock,
  seed: number,
): Made | undefined {
  const making = makingOf(skill, level, stock, seed);
  for (let step = making.next(); ; step = making.next()) if (step.done) return step.value;
}
