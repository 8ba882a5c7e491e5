import { database } from '@server/database';
import { Refusal } from '@server/problem';
import { isOwnOrigin, problemResponse } from '@server/http';
import { signIn } from '@server/session';
import { isEmptyShop } from '@server/shop/first-owner';
import { actorOf } from '@server/sign-in';
import { defineMiddleware } from 'astro:middleware';

/**
 * Reachable without a session: signing in, the first visit, a client's own brief behind its private link, and
 * what the built pages are made of.
 */
const OPEN = [
  /^\/sign-in$/,
  /^\/first-visit$/,
  /^\/_astro\//,
  /^\/favicon\.svg$/,
  /^\/health$/,
  /^\/brief\/[^/]+$/,
  /^\/api\/own-brief\/[^/]+$/,
];

export const onRequest = defineMiddleware(async (context, next) => {
  const { pathname, search } = context.url;
  if (!isOwnOrigin(context.request)) {
    return problemResponse(new Refusal(403, 'This request did not come from this site.'), pathname);
  }
  const open = OPEN.some((path) => path.test(pathname));
  context.locals.actor = pathname.startsWith('/_astro/')
    ? undefined
    : await actorOf(signIn(), context.request.headers);
  if (!open && !context.locals.actor) {
    if (pathname.startsWith('/api/')) return problemResponse(new Refusal(401, 'Please sign in.'), pathname);
    if (await isEmptyShop(database())) return context.redirect('/first-visit');
    return context.redirect(`/sign-in?next=${encodeURIComponent(pathname + search)}`);
  }
  return withHeaders(await page(next));
});

/** A page that refuses says so on a page of its own; anything unexpected goes on to Astro's. */
async function page(next: () => Promise<Response>): Promise<Response> {
  try {
    return await next();
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    const body = `<!doctype html><html lang="en"><meta charset="utf-8"><title>Ivory Rail</title><body style="font-family:serif;margin:4rem"><h1>${error.status === 403 ? 'Not for your role' : 'Not here'}</h1><p>${escape(error.title)}</p><p><a href="/">Back to Desk</a></p></body></html>`;
    return new Response(body, {
      status: error.status,
      headers: { 'content-type': 'text/html; charset=utf-8' },
    });
  }
}

const escape = (text: string): string => text.replace(/[&<>"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

function withHeaders(response: Response): Response {
  const { headers } = response;
  // Mantine writes inline styles; scripts stay hashed (docs/decisions/0004).
  const policy = headers.get('content-security-policy');
  if (policy) {
    const rest = policy
      .split(';')
      .map((part) => part.trim())
      .filter((part) => part && !part.startsWith('style-src'));
    headers.set(
      'content-security-policy',
      [
        ...rest,
        "style-src 'self' 'unsafe-inline'",
        "default-src 'self'",
        "img-src 'self' data: blob:",
        "worker-src 'self' blob:",
        "frame-ancestors 'none'",
        "base-uri 'self'",
        "form-action 'self'",
        "object-src 'none'",
      ].join('; '),
    );
  }
  headers.set('x-content-type-options', 'nosniff');
  headers.set('referrer-policy', 'same-origin');
  headers.set('x-frame-options', 'DENY');
  return response;
}
