import { FACETS, type Facet } from '@core/rules';
import {
  type Exercise,
  EXERCISE_KINDS,
  type ExerciseKind,
  type Graded,
  type Key,
  type MatterProgress,
} from '@core/practice';
import { z } from 'zod';
import { answers, defineCall, OWNER, STYLING } from '../call';
import { text, uuid } from '../fields';

/** What of today's ten is done. */
export interface PracticeDay {
  readonly done: number;
  readonly of: number;
}

/** The exercise in hand; none where the shop has too little to make one of. */
export interface PracticeTask {
  readonly day: PracticeDay;
  readonly currency: string;
  readonly task?: { readonly id: string; readonly exercise: Exercise } | undefined;
}

export const practiceNextCall = defineCall({
  name: 'practice-next',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ last: z.enum(EXERCISE_KINDS).optional() }),
  answer: answers<PracticeTask>(),
});

/** How an answer went, with what was right; the day and when it comes back. */
export interface PracticeAnswered extends Graded {
  readonly key: Key;
  readonly day: PracticeDay;
  readonly dueDay: string;
}

const place = z.number().int().min(0).max(60);
export const practiceAnswerCall = defineCall({
  name: 'practice-answer',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    taskId: uuid,
    chosen: z.array(place).max(30),
    why: z.enum(Object.keys(FACETS) as [Facet, ...Facet[]]).optional(),
    looks: z.array(z.array(place).max(20)).max(5).optional(),
    seconds: z.number().int().min(0).max(86_400),
  }),
  answer: answers<PracticeAnswered>(),
});

export const practiceObjectCall = defineCall({
  name: 'practice-object',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ taskId: uuid, reason: text(600).min(1, 'say what you would do instead') }),
  answer: answers<{ readonly kept: true }>(),
});

/** An objection, as the owner reads it. */
export interface PracticeObjection {
  readonly id: string;
  readonly name: string;
  readonly kind: ExerciseKind;
  readonly exercise: Exercise | null;
  readonly key: Key | null;
  readonly chosen: readonly number[];
  readonly objection: string;
}

/** How somebody gets on; for the owner how everybody does, and what was argued. */
export interface PracticeProgress {
  readonly day: PracticeDay;
  readonly due: number;
  readonly mine: readonly MatterProgress[];
  readonly people?:
    | readonly { readonly id: string; readonly name: string; readonly matters: readonly MatterProgress[] }[]
    | undefined;
  readonly objections?: readonly PracticeObjection[] | undefined;
}

export const practiceProgressCall = defineCall({
  name: 'practice-progress',
  roles: STYLING,
  writes: false,
  input: z.strictObject({}),
  answer: answers<PracticeProgress>(),
});

export const readObjectionCall = defineCall({
  name: 'read-objection',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ taskId: uuid }),
  answer: answers<PracticeProgress>(),
});
