import { saveOwnBrief } from '@server/client/brief-link';
import { database } from '@server/database';
import { answerOpen } from '@server/http';
import type { APIRoute } from 'astro';

export const prerender = false;

export const POST: APIRoute = ({ request, params, clientAddress }) =>
  answerOpen(request, 'own-brief', (input) =>
    saveOwnBrief(database(), params.token ?? '', input, clientAddress, new Date()),
  );
