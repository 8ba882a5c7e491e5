import { receiptPdf } from '@server/box/receipt';
import { signedIn } from '@server/context';
import { pdfResponse } from '@server/http';
import type { APIRoute } from 'astro';

export const prerender = false;

export const GET: APIRoute = ({ params, locals }) =>
  pdfResponse('/receipt.pdf', () => receiptPdf(signedIn(locals), params.id ?? ''));
