import { boxPage } from '@server/box/page';
import { signedIn } from '@server/context';
import { problemResponse } from '@server/http';
import { letterPdf } from '@server/letter/letter-pdf';
import { notFound } from '@server/problem';
import type { APIRoute } from 'astro';

export const prerender = false;

export const GET: APIRoute = async ({ params, locals }) => {
  try {
    const view = await boxPage(signedIn(locals), params.id ?? '', 'letter');
    if (!view.letter) throw notFound('A written letter');
    const pdf = await letterPdf(view, view.letter);
    return new Response(new Uint8Array(pdf), {
      headers: {
        'content-type': 'application/pdf',
        'cache-control': 'no-store',
        'content-disposition': `inline; filename="letter-${view.number}.pdf"`,
      },
    });
  } catch (error) {
    return problemResponse(error, '/letter.pdf');
  }
};
