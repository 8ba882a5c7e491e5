/** Where the server is reached; `SITE_URL` when a proxy stands before it. */
export const siteOrigin = (): string =>
  process.env.SITE_URL
    ? new URL(process.env.SITE_URL).origin
    : `http://127.0.0.1:${process.env.PORT ?? '4321'}`;

/** True in the server of a practice shop, which stands beside a real one. */
export const isPracticeShop = (): boolean => process.env.PRACTICE_SHOP === '1';

/** True when people reach the shop by https. */
export const isSecure = (): boolean => siteOrigin().startsWith('https:');

/** Origins this server answers as: its own, and without a proxy the other names of this machine. */
function ownOrigins(): readonly string[] {
  const port = process.env.PORT ?? '4321';
  const own = siteOrigin();
  return process.env.SITE_URL ? [own] : [own, `http://localhost:${port}`, `http://[::1]:${port}`];
}

/** A name that points here from elsewhere is not ours, whatever it resolves to. `/health` is asked by machines. */
export function isOwnHost(request: Request): boolean {
  const host = request.headers.get('host');
  const local = `127.0.0.1:${process.env.PORT ?? '4321'}`;
  return host !== null && (host === local || ownOrigins().some((origin) => new URL(origin).host === host));
}

/** Scripts and forms of another site may not write here, whatever cookie the browser holds. */
export function isOwnOrigin(request: Request): boolean {
  if (request.method === 'GET' || request.method === 'HEAD') return true;
  const origin = request.headers.get('origin');
  return origin !== null && ownOrigins().includes(origin);
}

/**
 * The address a request came from, as the socket says it, or behind a trusted proxy as the proxy itself added it last.
 * `bin/serve.mjs` writes it; nobody outside can.
 */
export const clientAddress = (request: Request): string => request.headers.get('x-ivory-client') ?? 'unknown';

/** A path of ours to go on to, and nothing that a browser could read as another place. */
export function ownPath(wanted: string | null): string {
  const here = 'http://here.invalid';
  if (!wanted || !/^\/[^/\\]/.test(wanted) || /[\\\u0000-\u001f]/.test(wanted)) return '/';
  if (!URL.canParse(wanted, here)) return '/';
  const { origin, pathname, search } = new URL(wanted, here);
  return origin === here && !pathname.startsWith('/api/') && pathname !== '/sign-out'
    ? pathname + search
    : '/';
}
