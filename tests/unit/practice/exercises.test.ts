import { deltaEHex } from '@core/colour';
import { bodyOf } from '@core/figure';
import { fitOf } from '@core/fit';
import { applyMend, judge, type Setting, type Verdict } from '@core/look';
import { CATEGORY, type Piece } from '@core/piece';
import {
  type Exercise,
  givenWords,
  EXERCISE_KINDS,
  type ExerciseKind,
  graded,
  lookOf,
  type Made,
  makeExercise,
  marginOf,
  type Option,
  optionWords,
  piecesIn,
  questionWords,
  SKILLS,
  whyWords,
} from '@core/practice';
import { answersAsk } from '@core/pull';
import { readAsk } from '@core/reading';
import { ruleOf } from '@core/rules';
import { speaker } from '@core/say';
import { factsOf, lookDistance } from '@core/ways';
import { describe, expect, it } from 'vitest';
import { practiceStock } from '../../support/practice-stock';
import { sure } from '../../support/sure';

/** Exercises of each kind. */
const COUNT = process.env.LONG ? 100 : 9;
const stock = practiceStock();

/** So many exercises of a kind, over its matters and the levels in turn; seeds that make none are passed over. */
function made(kind: ExerciseKind): Made[] {
  const skills = SKILLS.filter((skill) => skill.kind === kind);
  const all: Made[] = [];
  for (let seed = 1; all.length < COUNT && seed < COUNT * 12; seed++) {
    const skill = sure(skills[seed % skills.length]);
    const one = makeExercise(skill, ((seed % 3) + 1) as 1 | 2 | 3, stock, seed);
    if (one) all.push(one);
  }
  expect(all).toHaveLength(COUNT);
  return all;
}

const settingOf = ({ client, occasion }: Exercise): Setting => ({ client, occasion });
const judged = (exercise: Exercise, look: readonly Piece[]): Verdict => judge(look, settingOf(exercise));
const against = ({ findings }: Verdict) =>
  findings.filter(({ tone, cannotTell }) => tone !== 'works' && !cannotTell);
const pieceOf = (option: Option | undefined): Piece => {
  if (option?.is !== 'piece') throw new Error('the option is no piece');
  return option.piece;
};

/** Every set of places out of so many. */
const subsets = (count: number): number[][] =>
  Array.from({ length: 2 ** count }, (_, bits) =>
    Array.from({ length: count }, (_each, i) => i).filter((i) => (bits >> i) % 2 === 1),
  );

/** That an exercise has exactly the answer it claims, worked out anew from what it shows. */
const PROVES: Readonly<Record<ExerciseKind, (each: Made) => void>> = {
  which({ exercise, key }) {
    const verdicts = exercise.options.map((option) =>
      judged(exercise, option.is === 'look' ? option.pieces : []),
    );
    const [right, wrong] = [sure(verdicts[key.right[0] ?? -1]), sure(verdicts[1 - (key.right[0] ?? 0)])];
    expect(right.sendable).toBe(true);
    expect(right.score.sum - wrong.score.sum).toBeGreaterThanOrEqual(marginOf('which', exercise.level));
    const points = (verdict: Verdict, facet: string) =>
      verdict.score.facets.find((each) => each.facet === facet)?.score ?? 0;
    const lost = sure(exercise.why)
      .map((facet) => ({ facet, by: points(right, facet) - points(wrong, facet) }))
      .sort((a, b) => b.by - a.by);
    expect(lost[0]?.facet).toBe(key.why);
    expect(lost[1]?.by).toBeLessThanOrEqual((lost[0]?.by ?? 0) / 4);
  },
  clash({ exercise, key }) {
    const wrong = against(judged(exercise, exercise.look));
    expect(wrong).toHaveLength(1);
    expect(key.right.map((place) => pieceOf(exercise.options[place]).id).sort()).toEqual(
      [...sure(wrong[0]).pieces].sort(),
    );
    expect(key.right.length).toBeLessThan(exercise.options.length - 1);
  },
  mend({ exercise, key }) {
    const [wrong] = against(judged(exercise, exercise.look));
    const after = exercise.options.map((option) =>
      option.is === 'mend'
        ? against(judged(exercise, applyMend(exercise.look, option.mend, piecesIn(exercise))))
        : [],
    );
    expect(after.flatMap((found, place) => (found.length === 0 ? [place] : []))).toEqual(key.right);
    for (const [place, found] of after.entries())
      if (!key.right.includes(place)) expect(found.some(({ rule }) => rule === sure(wrong).rule)).toBe(true);
  },
  whites({ exercise, key }) {
    const misses = exercise.options.map(
      (_, place) =>
        judged(exercise, lookOf(exercise, [place])).findings.filter(({ rule }) => rule === 'C2').length,
    );
    expect(misses.flatMap((count, place) => (count === 0 ? [place] : []))).toEqual(key.right);
    // All three are told apart by more than the eye lets pass as one.
    const [a, b] = exercise.options.map((option) => pieceOf(option).colours[0]?.hex ?? '');
    expect(deltaEHex(sure(a), sure(b))).toBeGreaterThan(1);
  },
  heel({ exercise, key }) {
    const trousers = sure(exercise.look.find(({ category }) => CATEGORY[category].legs === 'long'));
    const { insideLegLength = 0 } = exercise.client.measures;
    const off = exercise.options.map(
      (option) => insideLegLength + (pieceOf(option).measures.heel ?? 0) - (trousers.measures.inseam ?? 0),
    );
    // Half to three quarters of an inch, common practice; narrow legs may stand a little higher.
    const most = ['wide', 'flare', 'bootcut'].includes(trousers.cut.leg ?? '') ? 20 : 35;
    expect(off.flatMap((mm, place) => (mm >= 10 && mm <= most ? [place] : []))).toEqual(key.right);
  },
  size({ exercise, key }) {
    const piece = sure(exercise.look[0]);
    const verdicts = exercise.options.map((option) =>
      option.is === 'size'
        ? fitOf(piece, { ...option, origins: given(option.measures) }, bodyOf(exercise.client.measures))
            .verdict
        : undefined,
    );
    expect(verdicts.flatMap((verdict, place) => (verdict === 'right' ? [place] : []))).toEqual(key.right);
  },
  finish({ exercise, key }) {
    const scores = exercise.options.map((_, place) => judged(exercise, lookOf(exercise, [place])).score.sum);
    const [best, next] = [...scores].sort((a, b) => b - a) as [number, number];
    expect(scores.indexOf(best)).toBe(key.right[0]);
    expect(best - next).toBeGreaterThanOrEqual(marginOf('finish', exercise.level));
  },
  ways({ exercise, key }) {
    const looks = sure(key.looks).map((places) => lookOf(exercise, places));
    for (const look of looks) {
      const verdict = judged(exercise, look);
      expect(verdict.sendable).toBe(true);
      expect(against(verdict).every(({ tone }) => tone === 'note')).toBe(true);
    }
    const facts = looks.map((look) => factsOf(look, new Set([exercise.around ?? ''])));
    const apart = facts.flatMap((one, i) => facts.slice(i + 1).map((other) => lookDistance(one, other)));
    expect(Math.min(...apart)).toBeGreaterThanOrEqual(marginOf('ways', exercise.level));
  },
  wish({ exercise, key }) {
    const ask = readAsk(sure(exercise.wish));
    const meant = exercise.options.flatMap((option, place) =>
      answersAsk(pieceOf(option), ask) && (pieceOf(option).priceMinor ?? 0) <= (ask.priceMaxMinor ?? Infinity)
        ? [place]
        : [],
    );
    expect(meant).toEqual(key.right);
  },
  budget({ exercise, key }) {
    const priced = exercise.options.map(pieceOf);
    const asked = sure(exercise.asks);
    const answers = subsets(priced.length).filter((box) => {
      const kinds = box.map((place) => sure(priced[place]).category);
      const total = box.reduce((sum, place) => sum + (priced[place]?.priceMinor ?? 0), 0);
      return (
        kinds.length === asked.length &&
        asked.every((kind) => kinds.includes(kind)) &&
        total <= (exercise.limitMinor ?? 0)
      );
    });
    expect(answers).toEqual([key.right]);
  },
};

/** Everything that is said of an exercise, before and after its answer, in either English. */
const wordsOf = ({ exercise, key }: Made): string[] =>
  (['british', 'american'] as const).flatMap((english) => {
    const by = speaker(piecesIn(exercise), { tongue: { english, units: 'cm' } });
    return [
      questionWords(exercise, by, 'EUR'),
      ...exercise.options.flatMap((option, place) => {
        expect(optionWords(option, place, by)).toMatch(/^[\p{Lu}\d]/u);
        const why = whyWords(key, place, by);
        return why && option.is !== 'size' ? [why] : [];
      }),
      ...givenWords(exercise, by).map((words) => `${words}.`),
    ];
  });

const given = (measures: object) =>
  Object.fromEntries(Object.keys(measures).map((name) => [name, 'given' as const]));

describe('exercises out of the demo shop', () => {
  it.each(EXERCISE_KINDS)('%s: each has exactly the answer it claims, worked out anew', (kind) => {
    for (const each of made(kind)) {
      PROVES[kind](each);
      const { exercise, key } = each;
      expect(exercise.kind).toBe(kind);
      expect(key.found).toHaveLength(exercise.options.length);
      for (const said of wordsOf(each)) {
        // A sentence, about pieces that are on the screen.
        expect(said).toMatch(/^\p{Lu}.*[.?]$/u);
        expect(said).not.toMatch(/undefined|NaN|that piece| {2}/);
      }
      // What is shown holds nothing of its answer, and comes back from the database as it went.
      expect(JSON.parse(JSON.stringify(exercise))).toEqual(exercise);
      if (exercise.choosing === 'looks')
        expect(graded(each, { chosen: [], looks: key.looks }).right).toBe(true);
      else if (exercise.choosing === 'all of') {
        expect(graded(each, { chosen: key.right }).right).toBe(true);
        expect(graded(each, { chosen: key.right.slice(1) }).right).toBe(false);
      } else
        expect(
          exercise.options.flatMap((_, place) =>
            graded(each, { chosen: [place], why: key.why }).right ? [place] : [],
          ),
        ).toEqual(key.right);
    }
  });

  it('are the same again for the same seed, and others for another', () => {
    const of = (seed: number) => makeExercise({ kind: 'heel', matter: 'P' }, 2, stock, seed);
    expect(of(5)).toEqual(of(5));
    expect(of(5)).not.toEqual(of(6));
  });

  it('are about the matter they are asked for', () => {
    for (const matter of ['R', 'P'] as const) {
      const { exercise, key } = sure(makeExercise({ kind: 'clash', matter }, 1, stock, 3));
      expect(exercise.matter).toBe(matter);
      expect(ruleOf(sure(key.found.flat()[0]).rule)?.facet).toBe(matter);
    }
  });

  it('are none out of an empty shop, nor out of one that sells scarves', () => {
    const scarves = stock.candidates.filter(({ piece }) => piece.category === 'scarf');
    for (const candidates of [[], scarves])
      expect(SKILLS.flatMap((skill) => makeExercise(skill, 1, { candidates }, 1) ?? [])).toEqual([]);
  });
});
