import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const NO_CLOCK = 'The core has no clock, no input and no output.';
const GLOBALS_OUTSIDE_CORE = [
  'process',
  'Buffer',
  'require',
  'window',
  'document',
  'fetch',
  'setTimeout',
  'localStorage',
  'console',
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
      'one-var': ['error', 'never'],
      'no-nested-ternary': 'error',
      'no-restricted-globals': ['error', { name: 'confirm' }, { name: 'alert' }],
    },
  },
  {
    // Data may keep one record a line.
    files: ['**/*.{ts,tsx,mjs}'],
    ignores: ['packages/core/catalogue/**', '**/cases/**', '**/forms/**'],
    rules: { 'max-len': ['error', { code: 120 }] },
  },
  {
    files: ['packages/core/{src,catalogue}/**/*.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...GLOBALS_OUTSIDE_CORE.map((name) => ({ name, message: NO_CLOCK })),
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
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks, 'jsx-a11y': jsxA11y },
    rules: {
      ...jsxA11y.configs.recommended.rules,
      // A dialog begins in its first field; what scrolls inside itself takes focus; a list handles its keys once.
      'jsx-a11y/no-autofocus': 'off',
      'jsx-a11y/no-noninteractive-tabindex': 'off',
      'jsx-a11y/no-static-element-interactions': 'off',
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
    },
  },
);
