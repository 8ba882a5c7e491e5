import { answerBringIn, answerTakeOut } from '@server/archive/http';
import { signedIn } from '@server/context';
import type { APIRoute } from 'astro';

export const prerender = false;

/** Takes the whole shop out. */
export const POST: APIRoute = ({ request, locals }) => answerTakeOut(request, signedIn(locals));
/** Brings one in. */
export const PUT: APIRoute = ({ request, locals }) => answerBringIn(request, signedIn(locals));
