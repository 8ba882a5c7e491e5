import { type Role, ROLES } from '@core/shop';
import type { z } from 'zod';

export const OWNER = ['owner'] as const satisfies readonly Role[];
/** Whoever pulls, styles and writes to clients. */
export const STYLING = ['owner', 'stylist'] as const satisfies readonly Role[];
export const EVERYBODY = ROLES;

/**
 * A call an island may make, declared once: who may, what it takes and what it answers. The path is `/api/<name>`. The
 * server adds the work (`serve`); a screen makes it by its name (`call`), typed from here.
 */
export interface Call<N extends string = string, I extends z.ZodType = z.ZodType, A = unknown> {
  readonly name: N;
  readonly roles: readonly Role[];
  /** False for a question that changes nothing. */
  readonly writes: boolean;
  /** Largest request body, bytes, where it is not the usual. */
  readonly bodyMostBytes?: number;
  /** Fields that hold a whole file: what of it cannot be kept is named by its own reader, row by row. */
  readonly files?: readonly string[];
  readonly input: I;
  /** The type alone: an answer is ours and is not read by a schema. */
  readonly answer: Answering<A>;
}

interface Answering<A> {
  readonly of?: A;
}

export const answers = <A>(): Answering<A> => ({});

export const defineCall = <N extends string, I extends z.ZodType, A>(call: Call<N, I, A>): Call<N, I, A> =>
  call;
