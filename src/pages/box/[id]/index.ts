import { stepFor } from '@server/box/page';
import { signedIn } from '@server/context';
import type { APIRoute } from 'astro';

/** A box opens at the step it stands at. */
export const GET: APIRoute = async ({ params, locals, redirect }) => {
  const id = params.id ?? '';
  return redirect(`/box/${id}/${await stepFor(signedIn(locals), id)}`);
};
