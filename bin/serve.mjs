// The built server on HOST:PORT, with what the adapter leaves open closed before a request reaches it.
import { createServer } from 'node:http';

process.env.ASTRO_NODE_AUTOSTART = 'disabled';
const { handler } = await import('../dist/server/entry.mjs');

const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4321);
/** Forwarded headers are believed only where a proxy of ours is said to stand in front. */
const behindProxy = process.env.TRUST_PROXY === '1';
const FORWARDED = [
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-proto',
  'x-forwarded-port',
  'forwarded',
];
/** Forms are small; the API caps its own stream at 12 MB. */
const FORM_MOST_BYTES = 64_000;

const server = createServer((request, response) => {
  if (!behindProxy) for (const name of FORWARDED) Reflect.deleteProperty(request.headers, name);
  const writes = request.method !== 'GET' && request.method !== 'HEAD';
  const length = Number(request.headers['content-length'] ?? Number.NaN);
  if (writes && !request.url?.startsWith('/api/') && !(length <= FORM_MOST_BYTES)) {
    response.writeHead(Number.isNaN(length) ? 411 : 413, { connection: 'close' }).end();
    return;
  }
  handler(request, response);
});
server.requestTimeout = 60_000;
server.headersTimeout = 15_000;
server.listen(port, host);

for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  });
}
