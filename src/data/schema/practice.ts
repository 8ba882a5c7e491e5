import { EXERCISE_KINDS, type Exercise, type Key, type Matter, type PracticeAnswer } from '@core/practice';
import {
  boolean,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  real,
  smallint,
  text,
  uuid,
} from 'drizzle-orm/pg-core';
import { at, id } from './columns';
import { shop } from './shop';
import { user } from './sign-in';

/** An exercise that was given to somebody, and how it was answered. */
export const practiceTask = pgTable(
  'practice_task',
  {
    id: id(),
    shopId: uuid('shop_id')
      .notNull()
      .references(() => shop.id),
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    kind: text('kind', { enum: EXERCISE_KINDS }).notNull(),
    matter: text('matter').$type<Matter>().notNull(),
    level: smallint('level').notNull(),
    /** What is shown and what is right; put away once it is old. */
    exercise: jsonb('exercise').$type<Exercise>(),
    key: jsonb('key').$type<Key>(),
    givenAt: at('given_at').notNull(),
    answeredAt: at('answered_at'),
    answer: jsonb('answer').$type<PracticeAnswer>(),
    right: boolean('right'),
    seconds: integer('seconds'),
    /** Why whoever answered does not agree, for the owner to read. */
    objection: text('objection'),
    readAt: at('read_at'),
  },
  (table) => [
    index('practice_task_user').on(table.userId, table.answeredAt),
    index('practice_task_shop').on(table.shopId, table.answeredAt),
  ],
);

/** What the repetition library remembers of one skill of one person. */
export interface StoredCard {
  readonly stability: number;
  readonly difficulty: number;
  readonly elapsed_days: number;
  readonly scheduled_days: number;
  readonly learning_steps: number;
  readonly reps: number;
  readonly lapses: number;
  readonly state: number;
  readonly last_review?: string | undefined;
}

/** How well somebody knows a skill, and when it comes back. */
export const practiceSkill = pgTable(
  'practice_skill',
  {
    userId: text('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    kind: text('kind', { enum: EXERCISE_KINDS }).notNull(),
    matter: text('matter').$type<Matter>().notNull(),
    due: at('due').notNull(),
    stabilityDays: real('stability_days').notNull(),
    card: jsonb('card').$type<StoredCard>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.userId, table.kind, table.matter] })],
);
