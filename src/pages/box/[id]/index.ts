import { boxPage } from '@server/box/page';
import { signedIn } from '@server/context';
import type { APIRoute } from 'astro';

/** A box opens at the step it stands at. */
export const GET: APIRoute = async ({ params, locals, redirect }) => {
  const id = params.id ?? '';
  const view = await boxPage(signedIn(locals), id, 'any');
  return redirect(`/box/${id}/${view.step}`);
};
