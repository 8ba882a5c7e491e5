import type { StoredCard } from '@data/schema';
import { type Card, createEmptyCard, fsrs, type Grade, Rating } from 'ts-fsrs';

/** The same answer gives the same day for everybody: nothing is drawn by lot. */
const scheduler = fsrs({ enable_fuzz: false });

/** How an answer went: wrong, right by luck or slowly, right. */
export type Went = 'wrong' | 'hard' | 'right';
const GRADES: Readonly<Record<Went, Grade>> = {
  wrong: Rating.Again,
  hard: Rating.Hard,
  right: Rating.Good,
};

/** When a skill comes back after an answer, by FSRS (ts-fsrs, its published weights). */
export function rememberedBy(
  before: { readonly due: Date; readonly card: StoredCard } | undefined,
  went: Went,
  now: Date,
): { readonly due: Date; readonly stabilityDays: number; readonly card: StoredCard } {
  const { due, ...card } = scheduler.next(cardOf(before, now), now, GRADES[went]).card;
  return {
    due,
    stabilityDays: card.stability,
    card: { ...card, last_review: card.last_review?.toISOString() },
  };
}

function cardOf(before: { readonly due: Date; readonly card: StoredCard } | undefined, now: Date): Card {
  if (!before) return createEmptyCard(now);
  const { last_review: last, ...card } = before.card;
  return { ...card, due: before.due, ...(last ? { last_review: new Date(last) } : {}) };
}
