import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const alias = Object.fromEntries(
  ['core', 'contracts', 'data', 'server', 'ui', 'islands', 'workers'].map((part) => [
    `@${part}`,
    at(`./src/${part}`),
  ]),
);
const project = (name: string, timeout: number) => ({
  resolve: { alias },
  test: {
    name,
    include: [`tests/${name}/**/*.test.ts`],
    testTimeout: timeout,
    hookTimeout: timeout,
    // Files share what they import and nothing else: each has servers, a database and a browser of its own.
    isolate: false,
    // One browser at a time is what two cores bear; bin/test runs these beside the others.
    fileParallelism: name !== 'browser',
    sequence: { groupOrder: name === 'browser' ? 1 : 0 },
  },
});

export default defineConfig({
  test: {
    // Two cores are what there is; the usual is one less.
    maxWorkers: 2,
    // What one project has transformed the others need not, nor the next run.
    experimental: { fsModuleCache: true },
    projects: [
      // A limit ends what hangs and is no check of speed: a machine that is busy besides may take its time.
      project('unit', 240_000),
      project('oracle', 240_000),
      project('data', 240_000),
      project('browser', 480_000),
    ],
  },
});
