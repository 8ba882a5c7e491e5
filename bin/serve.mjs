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
  'x-real-ip',
];
/** Where the server is told the address of a request; from outside it is never believed. */
const CLIENT = 'x-ivory-client';
/** Forms are small; the API caps its own stream by call. */
const FORM_MOST_BYTES = 64_000;
/** On every answer, files and errors too. Pages add their own policy. */
const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'x-frame-options': 'DENY',
  'content-security-policy': "frame-ancestors 'none'",
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()',
};

/** The address a request came from: the socket's, or what the proxy itself added last to the list it was given. */
function addressOf(request) {
  const socket = request.socket.remoteAddress ?? 'unknown';
  if (!behindProxy) return socket;
  const hops = String(request.headers['x-forwarded-for'] ?? '').split(',');
  return hops.at(-1).trim() || socket;
}

const server = createServer((request, response) => {
  for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
  const refuse = (status) => {
    response.writeHead(status, { connection: 'close' }).end();
  };
  // A built-in endpoint that would read and enlarge any picture for anybody.
  if (request.url?.startsWith('/_image')) return refuse(404);
  request.headers[CLIENT] = addressOf(request);
  for (const name of FORWARDED) Reflect.deleteProperty(request.headers, name);
  const writes = request.method !== 'GET' && request.method !== 'HEAD';
  const length = Number(request.headers['content-length'] ?? Number.NaN);
  // A whole shop that comes in is capped by whoever reads it, on its stream.
  const isShop = request.method === 'PUT' && request.url === '/shop/archive';
  if (writes && !isShop && !request.url?.startsWith('/api/') && !(length <= FORM_MOST_BYTES))
    return refuse(Number.isNaN(length) ? 411 : 413);
  handler(request, response);
});
server.requestTimeout = 60_000;
server.headersTimeout = 15_000;
// Longer than whoever asks, or a proxy in front, keeps a line open: the one who closes it is the one who would use it next.
server.keepAliveTimeout = 65_000;
server.maxHeadersCount = 100;
server.listen(port, host);

for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  });
}
