import node from '@astrojs/node';
import react from '@astrojs/react';
import { defineConfig } from 'astro/config';

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'standalone' }),
  integrations: [react()],
  // Scripts are hashed; middleware rewrites style-src only (docs/decisions/0004).
  experimental: { csp: true },
  security: { checkOrigin: true },
  devToolbar: { enabled: false },
  vite: {
    ssr: { noExternal: [/^@mantine\//] },
    worker: { format: 'es' },
    build: { chunkSizeWarningLimit: 900 },
  },
});
