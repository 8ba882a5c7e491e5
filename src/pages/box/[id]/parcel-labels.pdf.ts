import { parcelLabelPdf } from '@server/box/parcel-label';
import { signedIn } from '@server/context';
import { pdfResponse } from '@server/http';
import type { APIRoute } from 'astro';

export const prerender = false;

export const GET: APIRoute = ({ params, locals }) =>
  pdfResponse('/parcel-labels.pdf', () => parcelLabelPdf(signedIn(locals), params.id ?? ''));
