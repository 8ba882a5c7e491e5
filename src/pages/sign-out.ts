import { signIn } from '@server/session';
import type { APIRoute } from 'astro';

export const POST: APIRoute = async ({ request }) => {
  const answer = await signIn().api.signOut({ headers: request.headers, asResponse: true });
  const headers = new Headers({ location: '/sign-in' });
  for (const cookie of answer.headers.getSetCookie()) headers.append('set-cookie', cookie);
  return new Response(null, { status: 303, headers });
};
