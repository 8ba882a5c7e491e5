import node from '@astrojs/node';
import react from '@astrojs/react';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'astro/config';

/** The same short names as in tsconfig.json; workers are bundled apart and need them said here. */
const parts = ['core', 'contracts', 'data', 'server', 'ui', 'islands', 'workers'];
const alias = Object.fromEntries(
  parts.map((part) => [`@${part}`, fileURLToPath(new URL(`./src/${part}`, import.meta.url))]),
);

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'standalone' }),
  integrations: [react()],
  // Scripts are hashed; middleware rewrites style-src only (docs/decisions/0004).
  experimental: { csp: true },
  // The middleware checks the origin of every write, forms and JSON alike.
  security: { checkOrigin: false },
  devToolbar: { enabled: false },
  vite: {
    resolve: { alias },
    ssr: {
      // Many small files, read at every start: laid into ours the server is up in half the time.
      noExternal: [
        /^@mantine\//,
        /^@?better-/,
        /^@noble\//,
        'culori',
        'drizzle-orm',
        'jose',
        'kysely',
        'zod',
      ],
    },
    worker: { format: 'es' },
    build: {
      chunkSizeWarningLimit: 900,
      // Asked for by the sign-in and not installed: it is to find it missing, which it bears, and no stub in its place.
      rollupOptions: { external: ['@opentelemetry/api'] },
    },
  },
});
