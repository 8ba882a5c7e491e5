import { isReady } from '@server/database';
import type { APIRoute } from 'astro';

/** Answers once the server reaches its database; for the start command and for a proxy. */
export const GET: APIRoute = async () =>
  (await isReady()) ? new Response('ready') : new Response('the database does not answer', { status: 503 });
