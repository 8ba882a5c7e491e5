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
    ssr: { noExternal: [/^@mantine\//] },
    worker: { format: 'es' },
    build: { chunkSizeWarningLimit: 900 },
  },
});
