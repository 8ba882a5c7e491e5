import { boxPage } from '@server/box/page';
import { signedIn } from '@server/context';
import { pdfResponse } from '@server/http';
import { letterPdf } from '@server/letter/letter-pdf';
import { notFound } from '@server/problem';
import type { APIRoute } from 'astro';

export const prerender = false;

export const GET: APIRoute = ({ params, locals }) =>
  pdfResponse('/letter.pdf', async () => {
    const view = await boxPage(signedIn(locals), params.id ?? '');
    if (!view.letter) throw notFound('A written letter');
    return { fileName: `letter-${view.number}.pdf`, pdf: await letterPdf(view, view.letter) };
  });
