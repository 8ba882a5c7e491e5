import { database } from '@server/database';
import { problemResponse } from '@server/http';
import { errorFacts, log } from '@server/log';
import { isOwnHost, isOwnOrigin, isPracticeShop, isSecure } from '@server/origin';
import { Refusal, RETRY_AFTER_S } from '@server/problem';
import { signIn } from '@server/session';
import { speaking } from '@server/spoken';
import { isEmptyShop } from '@server/shop/first-owner';
import { actorOf } from '@server/sign-in';
import { refusalOf } from '@server/use-case';
import { shopFor } from '@server/shop/settings';
import { defineMiddleware } from 'astro:middleware';

/**
 * Reachable without a session: signing in, the first visit, a one-time link to an account, a client's own brief and box behind
 * their private links, and what the built pages are made of.
 */
const OPEN = [
  /^\/sign-in$/,
  /^\/first-visit$/,
  /^\/_astro\//,
  /^\/favicon\.svg$/,
  /^\/health$/,
  /^\/brief\/[^/]+$/,
  /^\/join\/[^/]+$/,
  /^\/my-box\/[^/]+$/,
  /^\/api\/own-brief\/[^/]+$/,
  /^\/api\/my-box\/[^/]+$/,
];
/** Asked by machines that know nothing of sessions, and told nothing of the shop. */
const BARE = [/^\/_astro\//, /^\/favicon\.svg$/, /^\/health$/];

type Next = () => Promise<Response>;

export const onRequest = defineMiddleware(async (context, next) => {
  const { pathname } = context.url;
  if (BARE.some((path) => path.test(pathname))) return withHeaders(await next());
  if (!isOwnHost(context.request))
    return problemResponse(
      new Refusal(421, 'This address is not the one this shop is reached by.'),
      pathname,
    );
  if (!isOwnOrigin(context.request))
    return problemResponse(new Refusal(403, 'This request did not come from this site.'), pathname);
  return withHeaders(await answered(pathname, () => admitted(context, next)));
});

/** Lets nobody past sign-in but to what is open. */
async function admitted(
  context: Parameters<Parameters<typeof defineMiddleware>[0]>[0],
  next: Next,
): Promise<Response> {
  const { pathname, search } = context.url;
  context.locals.isPracticeShop = isPracticeShop();
  context.locals.actor = await actorOf(signIn(), context.request.headers);
  const { actor } = context.locals;
  if (actor && !pathname.startsWith('/api/'))
    ({ tongue: context.locals.tongue, currency: context.locals.currency } = await shopFor(
      database(),
      actor.shopId,
    ));
  if (actor || OPEN.some((path) => path.test(pathname))) return speaking(context.locals.tongue, next);
  if (pathname.startsWith('/api/')) return problemResponse(new Refusal(401, 'Please sign in.'), pathname);
  if (await isEmptyShop(database())) return context.redirect('/first-visit');
  return context.redirect(`/sign-in?next=${encodeURIComponent(pathname + search)}`);
}

const HEADINGS: Readonly<Record<number, string>> = {
  403: 'Not for your role',
  404: 'Not here',
  503: 'Back in a moment',
};

/** What fails is told in words, a call in its own shape, a page on a page; its insides are told to nobody. */
async function answered(pathname: string, work: Next): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    if (pathname.startsWith('/api/')) return problemResponse(error, pathname);
    const refusal = refusalOf(error);
    const status = refusal?.status ?? 500;
    if (status >= 500) log[refusal ? 'warn' : 'error']({ at: pathname, error: errorFacts(error) });
    const heading = HEADINGS[status] ?? 'Something failed here';
    const words = refusal?.title ?? 'Nothing was changed. Please try again.';
    const body = `<!doctype html><html lang="en"><meta charset="utf-8"><title>Ivory Rail</title><body style="font-family:serif;margin:4rem"><h1>${heading}</h1><p>${escape(words)}</p><p><a href="${status === 503 ? escape(pathname) : '/'}">${status === 503 ? 'Try again' : 'Back to Desk'}</a></p></body></html>`;
    return new Response(body, {
      status,
      headers: {
        'content-type': 'text/html; charset=utf-8',
        ...(status === 503 ? { 'retry-after': String(RETRY_AFTER_S) } : {}),
      },
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
  // Whatever a page shows is somebody's: after signing out, "Back" shows none of it.
  if (!headers.has('cache-control')) headers.set('cache-control', 'no-store');
  if (isSecure()) headers.set('strict-transport-security', 'max-age=31536000; includeSubDomains');
  return response;
}
