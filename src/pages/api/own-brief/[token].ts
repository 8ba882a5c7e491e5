import { saveOwnBrief } from '@server/client/brief-link';
import { database } from '@server/database';
import { clientAddress } from '@server/origin';
import { answerOpen } from '@server/http';
import type { APIRoute } from 'astro';

export const prerender = false;

export const POST: APIRoute = ({ request, params }) =>
  answerOpen(request, 'own-brief', (input) =>
    saveOwnBrief(database(), params.token ?? '', input, clientAddress(request), new Date()),
  );
