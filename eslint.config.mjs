import astro from 'eslint-plugin-astro';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['dist', '.astro', '.data', 'node_modules', 'test-results', 'playwright-report'] },
  ...ts.configs.recommended,
  ...astro.configs.recommended,
  {
    files: ['src/**/*.ts', 'src/**/*.tsx', 'test/**/*.ts', 'e2e/**/*.ts', 'scripts/**/*.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports', prefer: 'type-imports' }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'no-console': 'error',
    },
  },
  // The core stands alone: no clock and no chance of its own.
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'localStorage',
        'process',
        'crypto',
        'performance',
        'setTimeout',
        'setInterval',
      ],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }, { object: 'Date', property: 'now' }],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'core has no clock: take the time as a parameter' },
      ],
    },
  },
  {
    files: ['src/ui/**/*.tsx'],
    ignores: ['**/*.test.tsx', 'src/ui/parts/later.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'react',
              importNames: ['lazy', 'Suspense'],
              message: 'use parts/later: a boundary drawn by the server comes with a script in the page, which is refused',
            },
          ],
        },
      ],
    },
  },
  { files: ['scripts/**', 'launcher/**', 'e2e/**', 'bench/**'], rules: { 'no-console': 'off' } },
);
