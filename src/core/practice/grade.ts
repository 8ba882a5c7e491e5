import { isRight, judge, type Setting, type Verdict } from '../look';
import type { Piece } from '../piece';
import type { Facet, Finding } from '../rules';
import { type Exercise, type Made, marginOf, type PracticeStock } from './exercise';
import { leastApart, WAYS } from './kinds/ways';
import { against } from './turned';

/** What somebody answers: places of options, the facet that tells it, or looks as places of options. */
export interface PracticeAnswer {
  readonly chosen: readonly number[];
  readonly why?: Facet | undefined;
  readonly looks?: readonly (readonly number[])[] | undefined;
}

/** What is wrong with a look that was made: it is not whole, it may not be sent, or it is too near another. */
export type WayFault = 'not whole' | 'not right' | 'alike';

export interface Graded {
  readonly right: boolean;
  /** Where it was asked: whether what tells it was seen as well. */
  readonly why?: boolean | undefined;
  /** By look that was made: what is wrong with it, and what the judge finds. */
  readonly looks?:
    | readonly { readonly fault?: WayFault | undefined; readonly found: readonly Finding[] }[]
    | undefined;
}

/** Why an answer cannot be read; undefined for one that can. */
export function answerFault(exercise: Exercise, { chosen, why, looks }: PracticeAnswer): string | undefined {
  const isPlace = (place: number): boolean => place >= 0 && place < exercise.options.length;
  const all = exercise.choosing === 'looks' ? (looks ?? []).flat() : chosen;
  if (!all.every(isPlace)) return 'there is no such option';
  if (new Set(chosen).size !== chosen.length) return 'an option is named twice';
  if (exercise.choosing === 'looks') return looks?.length === WAYS ? undefined : `${WAYS} looks are wanted`;
  if (chosen.length === 0) return 'nothing is chosen';
  if (exercise.choosing !== 'all of' && chosen.length > 1) return 'one is wanted';
  return exercise.why && why === undefined ? 'say what tells it as well' : undefined;
}

/** Grades an answer. @throws RangeError for one that cannot be read (`answerFault`) */
export function graded(
  { exercise, key }: Made,
  answer: PracticeAnswer,
  stock: Pick<PracticeStock, 'schools' | 'settings'> = {},
): Graded {
  const fault = answerFault(exercise, answer);
  if (fault) throw new RangeError(`graded: ${fault}`);
  const { chosen, why } = answer;
  switch (exercise.choosing) {
    case 'one':
    case 'any of':
      return {
        right: key.right.includes(chosen[0] as number),
        ...(exercise.why ? { why: why === key.why } : {}),
      };
    case 'all of':
      return {
        right: chosen.length === key.right.length && key.right.every((place) => chosen.includes(place)),
      };
    case 'looks':
      return gradedLooks(exercise, answer.looks ?? [], stock);
  }
}

function gradedLooks(
  exercise: Exercise,
  looks: readonly (readonly number[])[],
  { schools, settings }: Pick<PracticeStock, 'schools' | 'settings'>,
): Graded {
  const setting: Setting = { client: exercise.client, occasion: exercise.occasion, shopSchools: schools };
  const made = looks.map((places) => lookOf(exercise, places));
  const verdicts = made.map((look) => judge(look, setting, settings));
  const least = marginOf('ways', exercise.level);
  const told = verdicts.map((verdict, i) => ({
    fault: wayFault(
      verdict,
      made
        .slice(0, i)
        .some((other) => leastApart([other, made[i] as Piece[]], exercise.around ?? '') < least),
    ),
    found: against(verdict).slice(0, 2),
  }));
  return { right: told.every(({ fault }) => fault === undefined), looks: told };
}

function wayFault(verdict: Verdict, isAlike: boolean): WayFault | undefined {
  if (!verdict.complete) return 'not whole';
  if (!isRight(verdict)) return 'not right';
  return isAlike ? 'alike' : undefined;
}

/** What is worn in a look that is made of options: what is shown, with those chosen. */
export const lookOf = (exercise: Exercise, places: readonly number[]): Piece[] => [
  ...exercise.look,
  ...places.flatMap((place) => {
    const option = exercise.options[place];
    return option?.is === 'piece' ? [option.piece] : [];
  }),
];
