import { signedIn } from '@server/context';
import { database } from '@server/database';
import { pdfResponse } from '@server/http';
import { labelsPdf } from '@server/stock/labels';
import type { APIRoute } from 'astro';

export const prerender = false;

/** Tag labels of the garments named in `?garments=`, ids with commas between. */
export const GET: APIRoute = ({ url, locals }) =>
  pdfResponse('/stockroom/labels.pdf', async () => ({
    fileName: 'labels.pdf',
    pdf: await labelsPdf(database(), signedIn(locals), (url.searchParams.get('garments') ?? '').split(',')),
  }));
