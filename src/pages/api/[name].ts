import { answerApi } from '@server/http';
import type { APIRoute } from 'astro';

export const prerender = false;

export const POST: APIRoute = ({ request, params, locals }) =>
  answerApi(request, params.name ?? '', locals.actor);
