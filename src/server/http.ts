import { randomUUID } from 'node:crypto';
import type { Problem } from '@contracts/faults';
import { PHOTO_BODY_BYTES } from '@contracts/photo';
import type { Actor } from './context';
import { database } from './database';
import { errorFacts, log } from './log';
import { forbidden, problemOf, Refusal, RETRY_AFTER_S } from './problem';
import { SERVED } from './registry';
import { perform, refusalOf } from './use-case';

/** Largest request body taken where a call does not say more, bytes. */
const BODY_MOST_BYTES = 256_000;

/** Answers `/api/<name>`: size, JSON, role and input are checked here and in `perform`. */
export async function answerApi(request: Request, name: string, actor: Actor | undefined): Promise<Response> {
  try {
    if (!actor) throw new Refusal(401, 'Please sign in.');
    const called = SERVED.get(name);
    if (!called) throw new Refusal(404, 'There is no such call.');
    // Whoever may not call it is not read to the end.
    if (!called.call.roles.includes(actor.role)) throw forbidden();
    const input = await readJson(request, called.call.bodyMostBytes);
    const key = request.headers.get('idempotency-key') ?? undefined;
    const answer = await perform(called, { db: database(), actor, input, now: new Date(), key });
    return json(200, answer);
  } catch (error) {
    return problemResponse(error, name);
  }
}

/** Answers a call that needs no session: size and JSON are checked here, the rest by the one called. */
export async function answerOpen(
  request: Request,
  where: string,
  work: (input: unknown) => Promise<unknown>,
): Promise<Response> {
  try {
    return json(200, await work(await readJson(request, PHOTO_BODY_BYTES)));
  } catch (error) {
    return problemResponse(error, where);
  }
}

/** Reads a body with a cap on the stream itself: what is too large is not read to its end. */
export async function readBody(request: Request, most = BODY_MOST_BYTES): Promise<string> {
  const cap = most >= 1_000_000 ? `${Math.floor(most / 1_000_000)} MB` : `${Math.floor(most / 1000)} kB`;
  const tooLarge = (): Refusal =>
    new Refusal(413, `That is too large: up to ${cap} can be sent at once.`, [
      { path: '(file)', message: `larger than ${cap}` },
    ]);
  if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge();
  if (!request.body) return '';
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength;
    if (size > most) throw tooLarge();
    chunks.push(chunk);
  }
  return Buffer.concat(chunks).toString('utf8');
}

async function readJson(request: Request, most?: number): Promise<unknown> {
  if (!request.headers.get('content-type')?.startsWith('application/json'))
    throw new Refusal(415, 'JSON is wanted.');
  const text = await readBody(request, most);
  try {
    return JSON.parse(text) as unknown;
  } catch {
    throw new Refusal(400, 'That is not JSON.');
  }
}

/** Days for a calendar, or the refusal in words. */
export async function calendarResponse(where: string, work: () => Promise<string>): Promise<Response> {
  try {
    return new Response(await work(), {
      headers: {
        'content-type': 'text/calendar; charset=utf-8',
        'content-disposition': 'attachment; filename="dates.ics"',
        'cache-control': 'no-store',
      },
    });
  } catch (error) {
    return problemResponse(error, where);
  }
}

/** A PDF to look at, or the refusal in words. */
export async function pdfResponse(
  where: string,
  work: () => Promise<{ readonly fileName: string; readonly pdf: Buffer }>,
): Promise<Response> {
  try {
    const { fileName, pdf } = await work();
    return new Response(new Uint8Array(pdf), {
      headers: {
        'content-type': 'application/pdf',
        'cache-control': 'no-store',
        'content-disposition': `inline; filename="${fileName}"`,
      },
    });
  } catch (error) {
    return problemResponse(error, where);
  }
}

const json = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/json', 'cache-control': 'no-store' },
  });

/** problem+json of a refusal; a fault of ours is logged with a number and told without its insides. */
export function problemResponse(error: unknown, where: string): Response {
  const id = randomUUID();
  const refusal = refusalOf(error);
  if (!refusal || refusal.status === 503)
    log[refusal ? 'warn' : 'error']({ id, at: where, error: errorFacts(error) });
  const problem = refusal ? problemOf(refusal) : UNEXPECTED;
  return new Response(JSON.stringify(problem), {
    status: problem.status,
    headers: {
      'content-type': 'application/problem+json',
      'cache-control': 'no-store',
      'x-request-id': id,
      ...(problem.status === 503 ? { 'retry-after': String(RETRY_AFTER_S) } : {}),
    },
  });
}

const UNEXPECTED: Problem = {
  type: 'about:blank#500',
  title: 'Something failed here. Nothing was changed; please try again.',
  status: 500,
  faults: [],
};
