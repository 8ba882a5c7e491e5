import { fittingListPdf } from '@server/box/fitting-list';
import { signedIn } from '@server/context';
import { pdfResponse } from '@server/http';
import type { APIRoute } from 'astro';

export const prerender = false;

export const GET: APIRoute = ({ params, locals }) =>
  pdfResponse('/fitting-room.pdf', () => fittingListPdf(signedIn(locals), params.id ?? ''));
