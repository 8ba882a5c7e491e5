import { health } from '@server/health';
import type { APIRoute } from 'astro';

/** Answers 200 once the server reaches its database; for the start command and for a proxy. The worker is told of too. */
export const GET: APIRoute = async () => {
  const found = await health(new Date());
  return new Response(JSON.stringify(found), {
    status: found.database === 'answers' ? 200 : 503,
    headers: {
      'content-type': 'application/json',
      'cache-control': 'no-store',
      ...(found.database === 'answers' ? {} : { 'retry-after': '5' }),
    },
  });
};
