import { creditNotePdf } from '@server/box/receipt';
import { signedIn } from '@server/context';
import { pdfResponse } from '@server/http';
import type { APIRoute } from 'astro';

export const prerender = false;

export const GET: APIRoute = ({ params, locals }) =>
  pdfResponse('/credit.pdf', () => creditNotePdf(signedIn(locals), params.id ?? '', Number(params.no ?? '')));
