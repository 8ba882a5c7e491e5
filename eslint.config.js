import astro from 'eslint-plugin-astro';
import boundaries from 'eslint-plugin-boundaries';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Rooms of core, floor by floor from the ground; a room imports only from the floors below its own. */
const floors = [
  ['chance', 'colour', 'grouped', 'ledger', 'memo', 'merge', 'path', 'shop', 'words'],
  ['piece'],
  ['box', 'figure', 'palette', 'say', 'stock', 'substances', 'weather'],
  ['client', 'closet', 'money', 'schedule', 'sketch'],
  ['fit', 'occasion'],
  ['reading'],
  ['learn', 'parcel', 'rules', 'till'],
  ['guard', 'look'],
  ['letter', 'mix', 'pull', 'trial', 'ways'],
  ['box-rules', 'plan', 'practice'],
];
const rooms = floors.flat().map((room) => `core/${room}`);
const below = (room) =>
  floors
    .slice(
      0,
      floors.findIndex((floor) => floor.includes(room)),
    )
    .flat()
    .map((each) => `core/${each}`);

const parts = ['contracts', 'data', 'server', 'pages', 'islands', 'ui', 'workers', 'cli'];

/** Which part may import which: core ← contracts ← data ← server ← pages; core, contracts ← ui ← islands. */
const may = {
  ...Object.fromEntries(floors.flat().map((room) => [`core/${room}`, [`core/${room}`, ...below(room)]])),
  contracts: [...rooms, 'contracts'],
  data: [...rooms, 'contracts', 'data'],
  server: [...rooms, 'contracts', 'data', 'server'],
  pages: [...rooms, 'contracts', 'server', 'ui', 'islands', 'pages'],
  ui: [...rooms, 'contracts', 'ui'],
  islands: [...rooms, 'contracts', 'ui', 'workers', 'islands'],
  workers: [...rooms, 'contracts', 'workers'],
  cli: [...rooms, 'contracts', 'data', 'server', 'cli'],
};

export default tseslint.config(
  { ignores: ['dist', 'var', '.astro', 'node_modules'] },
  ...tseslint.configs.strict,
  ...astro.configs.recommended,
  {
    files: ['src/**/*.{ts,tsx,astro}'],
    plugins: { boundaries },
    settings: {
      // Templates within patterns, of which there are none here; looking for them takes longer than all else.
      'boundaries/legacy-templates': false,
      'boundaries/elements': [
        ...rooms.map((type) => ({ type, pattern: `src/${type}/**`, partialMatch: false })),
        ...parts.map((type) => ({ type, pattern: `src/${type}/**`, partialMatch: false })),
      ],
      'import/resolver': { typescript: { project: './tsconfig.json' } },
    },
    rules: {
      'boundaries/no-unknown-files': 'error',
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          policies: Object.entries(may).map(([type, allowed]) => ({
            from: { element: { type } },
            allow: { to: { element: { type: allowed } } },
          })),
        },
      ],
    },
  },
  { files: ['src/middleware.ts', 'src/env.d.ts'], rules: { 'boundaries/no-unknown-files': 'off' } },
  {
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch', 'setTimeout', 'crypto'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Core takes randomness as an argument.' },
        { object: 'Date', property: 'now', message: 'Core takes the clock as an argument.' },
      ],
      'no-restricted-imports': [
        'error',
        { patterns: ['react*', '@mantine/*', 'astro*', 'drizzle*', 'pg', 'node:*'] },
      ],
    },
  },
  {
    // SQL stands in src/data alone: a use case calls it by name.
    files: ['src/server/**/*.ts', 'src/cli/**/*.ts', 'src/pages/**/*.ts', 'src/middleware.ts'],
    rules: { 'no-restricted-imports': ['error', { patterns: ['drizzle-orm', 'drizzle-orm/*'] }] },
  },
  {
    files: ['**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/no-invalid-void-type': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
);
