import { signOutOf } from '@server/sign-in-form';
import type { APIRoute } from 'astro';

export const POST: APIRoute = async ({ request, locals }) => {
  const headers = new Headers({ location: '/sign-in' });
  for (const cookie of await signOutOf(request.headers, locals.actor?.email))
    headers.append('set-cookie', cookie);
  return new Response(null, { status: 303, headers });
};
