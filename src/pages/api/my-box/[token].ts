import { answerMyBox } from '@server/box/box-link';
import { database } from '@server/database';
import { answerOpen } from '@server/http';
import { clientAddress } from '@server/origin';
import type { APIRoute } from 'astro';

export const prerender = false;

export const POST: APIRoute = ({ request, params }) =>
  answerOpen(request, 'my-box', (input) =>
    answerMyBox(database(), params.token ?? '', input, clientAddress(request), new Date()),
  );
