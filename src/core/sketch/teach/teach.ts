import type { Body } from '../../figure';
import { type Piece, wear, type Worn } from '../../piece';
import { Lesson, type TaughtStep } from './lesson';
import * as limbs from './lessons-limbs';
import * as neck from './lessons-neck';
import * as waists from './lessons-waist';

type Taught = (lesson: Lesson) => readonly TaughtStep[];

/** The lesson of a way of wearing; undefined where there is nothing to teach. */
function lessonOf({ effects, facts }: Worn): Taught | undefined {
  const { tuck, waist, sleeves, collar, leg, arms, as, tied, wrapped, knot } = effects;
  if (as === 'top' || facts.staysIn) return undefined;
  if (tied) return (lesson) => neck.cloth(lesson, tied);
  if (wrapped) return (lesson) => waists.wrap(lesson, wrapped);
  if (as === 'round the shoulders') return (lesson) => neck.shoulders(lesson, as);
  if (waist === 'knotted')
    return (lesson) => (facts.drawn.placket === 'full' ? waists.knot(lesson) : waists.twist(lesson));
  if (waist === 'belted') return (lesson) => waists.belt(lesson);
  if (tuck && tuck !== 'out') return (lesson) => waists.tuck(lesson, tuck);
  if (sleeves) return (lesson) => limbs.sleeves(lesson, sleeves);
  if (collar === 'up') return (lesson) => neck.collar(lesson);
  if (knot) return (lesson) => neck.tie(lesson, knot);
  if (leg === 'in the boot') return (lesson) => limbs.boots(lesson);
  if (leg === 'cuffed') return (lesson) => limbs.cuffs(lesson);
  return arms ? (lesson) => neck.shoulders(lesson, arms) : undefined;
}

/** True for a way of wearing that is shown step by step. */
export const isTaught = (piece: Piece): boolean => lessonOf(wear(piece)) !== undefined;

/**
 * How a piece comes to be worn as it is, in three small drawings on this body; empty where there is nothing to teach.
 * What the hands do in each is common practice, no source.
 */
export const stepsOf = (piece: Piece, body: Body): readonly TaughtStep[] =>
  lessonOf(wear(piece))?.(new Lesson(piece, body)) ?? [];
