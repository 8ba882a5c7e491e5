import {
  answerFault,
  graded,
  inTurn,
  type Known,
  levelOf,
  type Made,
  makeExercise,
  progressOf,
  SKILLS,
} from '@core/practice';
import { describe, expect, it } from 'vitest';
import { practiceStock } from '../../support/practice-stock';
import { sure } from '../../support/sure';

const now = new Date('2026-11-28T09:00:00Z');
const known = (kind: Known['kind'], matter: Known['matter'], days: number): Known => ({
  kind,
  matter,
  due: new Date(now.getTime() + days * 86_400_000),
  stabilityDays: 1,
});

describe('what is practised next', () => {
  it('begins with every kind once before a second matter of any', () => {
    expect(
      inTurn([], now)
        .slice(0, 10)
        .map(({ kind }) => kind),
    ).toEqual([...new Set(SKILLS.map(({ kind }) => kind))]);
  });

  it('takes what is due before what is new, the longest due first, and what is not due last', () => {
    const order = inTurn(
      [known('heel', 'P', -1), known('size', 'K', -3), known('wish', 'A', 2), known('which', 'C', 1)],
      now,
    );
    expect(order.slice(0, 2).map(({ kind }) => kind)).toEqual(['size', 'heel']);
    expect(order.slice(-2).map(({ kind }) => kind)).toEqual(['which', 'wish']);
    expect(order).toHaveLength(SKILLS.length);
  });

  it('does not ask one kind twice running while there is another that is due', () => {
    const due = [known('mend', 'C', -3), known('mend', 'P', -2), known('heel', 'P', -1)];
    expect(inTurn(due, now, 'mend')[0]).toMatchObject({ kind: 'heel' });
  });

  it('brings wrong answers nearer as a skill is remembered longer', () => {
    expect([0, 2.9, 3, 13.9, 14, 400].map((stabilityDays) => levelOf({ stabilityDays }))).toEqual([
      1, 1, 2, 2, 3, 3,
    ]);
  });

  it('counts progress by matter: all tries, and how the last twenty went', () => {
    const tries = [
      ...Array.from({ length: 20 }, () => ({ matter: 'C' as const, right: true })),
      ...Array.from({ length: 10 }, () => ({ matter: 'C' as const, right: false })),
      { matter: 'A' as const, right: false },
    ];
    expect(progressOf(tries)).toEqual([
      { matter: 'C', title: 'Colour', tries: 30, lately: { right: 20, of: 20 } },
      { matter: 'A', title: 'Wishes and money', tries: 1, lately: { right: 0, of: 1 } },
    ]);
  });
});

describe('an answer', () => {
  const stock = practiceStock();
  const of = (kind: 'which' | 'ways' | 'budget', matter: 'P' | 'L' | 'A'): Made => {
    for (let seed = 1; seed < 40; seed++) {
      const made = makeExercise({ kind, matter }, 1, stock, seed);
      if (made) return made;
    }
    throw new Error(`no ${kind}`);
  };

  it('that cannot be read is said so, and is never graded', () => {
    const which = of('which', 'P');
    expect(answerFault(which.exercise, { chosen: [7], why: 'P' })).toBe('there is no such option');
    expect(answerFault(which.exercise, { chosen: [0, 1], why: 'P' })).toBe('one is wanted');
    expect(answerFault(which.exercise, { chosen: [0] })).toBe('say what tells it as well');
    expect(answerFault(which.exercise, { chosen: [] })).toBe('nothing is chosen');
    const budget = of('budget', 'A');
    expect(answerFault(budget.exercise, { chosen: [0, 0] })).toBe('an option is named twice');
    expect(answerFault(of('ways', 'L').exercise, { chosen: [], looks: [[0]] })).toBe('3 looks are wanted');
    expect(() => graded(which, { chosen: [7], why: 'P' })).toThrow(RangeError);
  });

  it('of a right look for a wrong reason is right, and says that the reason was not', () => {
    const { exercise, key } = of('which', 'P');
    const other = sure(exercise.why).find((facet) => facet !== key.why);
    expect(graded({ exercise, key }, { chosen: key.right, why: other })).toEqual({ right: true, why: false });
  });

  it('of three looks is wrong when one is not whole, or two are alike, and says which', () => {
    const made = of('ways', 'L');
    const [one, two, three] = sure(made.key.looks) as [number[], number[], number[]];
    const alike = graded(made, { chosen: [], looks: [one, two, one] });
    expect(alike.right).toBe(false);
    expect(alike.looks?.map(({ fault }) => fault)).toEqual([undefined, undefined, 'alike']);
    const bare = graded(made, { chosen: [], looks: [one, [], three] });
    expect(bare.looks?.[1]?.fault).toBe('not whole');
  });
});
