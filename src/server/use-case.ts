import { createHash } from 'node:crypto';
import { type Answer, inputs, type Parsed, type UseCaseName } from '@contracts/api';
import { faultsOf } from '@contracts/faults';
import { type Database, SQL, sqlState } from '@data/db';
import { idempotency, type Role } from '@data/schema';
import { eq } from 'drizzle-orm';
import type { Actor, Context } from './context';
import { conflict, forbidden, invalid } from './problem';

export interface UseCase<N extends UseCaseName = UseCaseName> {
  readonly name: N;
  readonly roles: readonly Role[];
  /** False for a question that changes nothing. */
  readonly writes: boolean;
  /** Largest request body, bytes, where it is not the usual. */
  readonly bodyMostBytes?: number;
  readonly run: (context: Context, input: Parsed<N>) => Promise<Answer<N>>;
}

export const defineUseCase = <N extends UseCaseName>(declared: UseCase<N>): UseCase<N> => declared;

export interface Call {
  readonly db: Database;
  readonly actor: Actor;
  readonly input: unknown;
  readonly now: Date;
  /** Sent by the caller with every write; the same key moves things once. */
  readonly key?: string | undefined;
}

const TRIES = 4;

/** Runs a use case: role, input, one transaction, once per key, again when the database asks for it. */
export async function perform<N extends UseCaseName>(called: UseCase<N>, call: Call): Promise<Answer<N>> {
  if (!called.roles.includes(call.actor.role)) throw forbidden();
  const parsed = inputs[called.name].safeParse(call.input);
  if (!parsed.success) throw invalid(faultsOf(parsed.error));
  const input = parsed.data as Parsed<N>;
  for (let attempt = 1; ; attempt++) {
    try {
      return await call.db.transaction(async (tx) => {
        const context: Context = { tx, actor: call.actor, now: call.now };
        if (!called.writes || call.key === undefined) return called.run(context, input);
        return once(context, called, call.key, input);
      });
    } catch (error) {
      const state = sqlState(error);
      if (attempt >= TRIES || (state !== SQL.deadlock && state !== SQL.serialization)) throw error;
    }
  }
}

/** The first caller with a key does the work; the others wait for its row and are given its answer. */
async function once<N extends UseCaseName>(
  context: Context,
  called: UseCase<N>,
  givenKey: string,
  input: Parsed<N>,
): Promise<Answer<N>> {
  const key = `${context.actor.id}:${called.name}:${givenKey}`.slice(0, 240);
  const requestHash = createHash('sha256').update(JSON.stringify(input)).digest('hex');
  const mine = await context.tx
    .insert(idempotency)
    .values({ key, useCase: called.name, requestHash, status: 0 })
    .onConflictDoNothing()
    .returning({ key: idempotency.key });
  if (mine.length === 0) {
    const [before] = await context.tx.select().from(idempotency).where(eq(idempotency.key, key));
    if (before?.requestHash !== requestHash) throw conflict('This key was used for something else.');
    return before.answer as Answer<N>;
  }
  const answer = await called.run(context, input);
  await context.tx.update(idempotency).set({ status: 200, answer }).where(eq(idempotency.key, key));
  return answer;
}
