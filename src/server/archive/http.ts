import type { Actor } from '../context';
import { database } from '../database';
import { problemResponse, readBody } from '../http';
import { isSpent, spend } from '../limits';
import { isOwnPassword } from '../people/links';
import { forbidden, invalid, Refusal } from '../problem';
import { signIn } from '../session';
import { note } from '../audit';
import { bringIn } from './bring-in';
import { takeOut } from './take-out';

const WHERE = '/shop/archive';

/** The whole shop as a file, for an owner who gives their password once more: it holds every client's measures. */
export async function answerTakeOut(request: Request, actor: Actor): Promise<Response> {
  try {
    if (actor.role !== 'owner') throw forbidden();
    const password = new URLSearchParams(await readBody(request, 4000)).get('password') ?? '';
    if (await isSpent('archive', actor.id))
      throw new Refusal(429, 'Too many wrong passwords. Please wait ten minutes.');
    const db = database();
    if (!(await isOwnPassword(db, signIn(), actor.id, password))) {
      await spend('archive', actor.id);
      throw invalid([{ path: 'password', message: 'not your password' }]);
    }
    const now = new Date();
    const { fileName, bytes, stream } = await takeOut(db, actor, now);
    await note({ tx: db, actor, now }, 'take out', 'shop', actor.shopId);
    return new Response(stream, {
      headers: {
        'content-type': 'application/zip',
        'content-length': String(bytes),
        'cache-control': 'no-store',
        'content-disposition': `attachment; filename="${fileName}"`,
      },
    });
  } catch (error) {
    return problemResponse(error, WHERE);
  }
}

/** Brings an archive into an empty shop. */
export async function answerBringIn(request: Request, actor: Actor): Promise<Response> {
  try {
    if (actor.role !== 'owner') throw forbidden();
    if (!request.body) throw invalid([{ path: '(file)', message: 'the file is empty' }]);
    const body = request.body as unknown as AsyncIterable<Uint8Array>;
    return Response.json(await bringIn(database(), actor, body, new Date()), {
      headers: { 'cache-control': 'no-store' },
    });
  } catch (error) {
    return problemResponse(error, WHERE);
  }
}
