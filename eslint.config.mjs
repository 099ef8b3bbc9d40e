import tseslint from 'typescript-eslint';

/** The core stands alone: no screen, no server, no database, nothing of Node, no clock. */
const OUTSIDE_CORE = [
  'react',
  'react-dom',
  'react-router',
  '@tanstack/*',
  '@nestjs/*',
  'sequelize',
  'sequelize-typescript',
  'mariadb',
  'class-validator',
  'class-transformer',
  'node:*',
  'fs',
  'fs/*',
  'path',
  'http',
  'https',
  'net',
  'os',
  'child_process',
  'worker_threads',
  'crypto',
  '**/apps/*',
  '@lotus-steady/server',
  '@lotus-steady/web',
];

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      '.cache/**',
      '.data/**',
      '**/generated/**',
      'test-results/**',
    ],
  },
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: ['error', 'always'],
    },
  },
  {
    files: ['packages/core/{src,catalogue}/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: OUTSIDE_CORE,
              message: 'The core imports nothing of the screen, the server, the database or Node.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        ...[
          'process',
          'Buffer',
          'require',
          'window',
          'document',
          'fetch',
          'setTimeout',
          'localStorage',
          'console',
        ].map((name) => ({ name, message: 'The core has no clock, no input and no output.' })),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Dates come in as text.' },
        { object: 'performance', property: 'now' },
        { object: 'Math', property: 'random', message: 'Same input, same output.' },
      ],
    },
  },
  {
    files: ['apps/web/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['@nestjs/*', 'sequelize*', 'mariadb', '@lotus-steady/server', 'node:*'],
              message: 'The web knows the core and the API only.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['apps/server/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [{ group: ['react*', '@lotus-steady/web'], message: 'The server knows the core only.' }],
        },
      ],
    },
  },
);
