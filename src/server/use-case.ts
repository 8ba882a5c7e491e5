import { createHash } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import type { Answer, CallName, CallOf, Parsed } from '@contracts/calls';
import { faultsOf } from '@contracts/faults';
import { unkeepable } from '@contracts/text';
import { type Database, isUnreachable, SQL, sqlState } from '@data/db';
import { answerOf, keepAnswer, takeKey } from '@data/idempotency';
import type { Actor, Context } from './context';
import { conflict, forbidden, invalid, Refusal, unreachable } from './problem';

/** A call with the work behind it. */
export interface Served<N extends CallName = CallName, P = unknown> {
  readonly call: CallOf<N>;
  /** Work that needs no database, done before the transaction: nobody waits on a locked row for it. */
  readonly prepare?: (input: Parsed<N>) => Promise<P>;
  readonly run: (context: Context, input: Parsed<N>, prepared: P) => Promise<Answer<N>>;
}

export const serve = <N extends CallName, P = undefined>(
  call: CallOf<N> & { readonly name: N },
  work: Omit<Served<N, P>, 'call'>,
): Served<N, P> => ({ call, ...work });

export interface Request {
  readonly db: Database;
  readonly actor: Actor;
  readonly input: unknown;
  readonly now: Date;
  /** Sent by the caller with every write; the same key moves things once. */
  readonly key?: string | undefined;
}

const TRIES = 6;
/** Longest pause before a second try, ms; it grows with each, and differs so that two do not meet again. */
const PAUSE_MS = 40;
const KEY_MOST = 100;

/** Runs a use case: role, input, one transaction, once per key, again when the database asks for it. */
export async function perform<N extends CallName>(served: Served<N>, request: Request): Promise<Answer<N>> {
  const { call } = served;
  if (!call.roles.includes(request.actor.role)) throw forbidden();
  const odd = unkeepable(withoutFiles(request.input, call.files));
  if (odd.length > 0) throw invalid(odd);
  if (request.key !== undefined && !/^[\x21-\x7e]{1,100}$/.test(request.key))
    throw invalid([
      { path: '(idempotency-key)', message: `up to ${KEY_MOST} plain characters without spaces are wanted` },
    ]);
  const parsed = call.input.safeParse(request.input);
  if (!parsed.success) throw invalid(faultsOf(parsed.error));
  const input = parsed.data as Parsed<N>;
  const prepared = await served.prepare?.(input);
  for (let attempt = 1; ; attempt++) {
    try {
      return await request.db.transaction(async (tx) => {
        const context: Context = { tx, actor: request.actor, now: request.now };
        if (!call.writes || request.key === undefined) return served.run(context, input, prepared);
        return once(context, served, request.key, input, prepared);
      });
    } catch (error) {
      const state = sqlState(error);
      const again = state === SQL.deadlock || state === SQL.serialization;
      if (!again || attempt >= TRIES) throw refusalOf(error) ?? error;
      await pause(Math.random() * PAUSE_MS * attempt);
    }
  }
}

function withoutFiles(input: unknown, files: readonly string[] = []): unknown {
  if (files.length === 0 || input === null || typeof input !== 'object') return input;
  return Object.fromEntries(Object.entries(input).filter(([name]) => !files.includes(name)));
}

/** What the database said, as somebody can act on it; undefined for a fault of ours. */
export function refusalOf(error: unknown): Refusal | undefined {
  if (error instanceof Refusal) return error;
  if (isUnreachable(error)) return unreachable();
  const state = sqlState(error);
  if (state === SQL.deadlock || state === SQL.serialization)
    return new Refusal(503, 'Many people are at this just now. Nothing was changed; try again in a moment.');
  if (state === SQL.unique)
    return conflict('Somebody did the same at the same moment. Look at what is there now, then try again.');
  if (state === SQL.foreignKey)
    return conflict('Something this needs is gone, or something else still needs this. Nothing was changed.');
  // Values no column can hold; the contracts name the field, and this stands behind them.
  if (state?.startsWith('22') || state === SQL.check)
    return invalid([{ path: '(whole)', message: 'a value is too large, too small, or cannot be kept' }]);
  return undefined;
}

/** The first caller with a key does the work; the others wait for its row and are given its answer. */
async function once<N extends CallName>(
  context: Context,
  { call, run }: Served<N>,
  givenKey: string,
  input: Parsed<N>,
  prepared: unknown,
): Promise<Answer<N>> {
  const key = `${context.actor.id}:${call.name}:${givenKey}`;
  const requestHash = createHash('sha256').update(JSON.stringify(input)).digest('hex');
  const isMine = await takeKey(context.tx, { key, useCase: call.name, requestHash, createdAt: context.now });
  if (!isMine) {
    const before = await answerOf(context.tx, key);
    if (before?.requestHash !== requestHash) throw conflict('This key was used for something else.');
    // Answers are kept for a day; the deed itself is never done again.
    if (before.answer === null)
      throw conflict('This was done already, and its answer is no longer kept. Load the page again.');
    return before.answer as Answer<N>;
  }
  const answer = await run(context, input, prepared);
  await keepAnswer(context.tx, key, answer);
  return answer;
}
