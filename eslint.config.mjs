import astro from 'eslint-plugin-astro';
import ts from 'typescript-eslint';

/** What is said to a person may be said otherwise tomorrow: behaviour hangs on a code beside it. */
const onWords = [
  'CallExpression[callee.property.name=/^(test|exec)$/][arguments.0.name=/^(words|message|says)$/]',
  'CallExpression[callee.property.name=/^(test|exec)$/][arguments.0.property.name=/^(words|message|says)$/]',
  'CallExpression[callee.property.name=/^(startsWith|endsWith|includes|match|search)$/][callee.object.name=/^(words|message|says)$/]',
  'CallExpression[callee.property.name=/^(startsWith|endsWith|includes|match|search)$/][callee.object.property.name=/^(words|message|says)$/]',
].map((selector) => ({ selector, message: 'no behaviour hangs on a sentence: give a code beside the words' }));
const aStar = {
  selector: 'ExportAllDeclaration',
  message: 'An index says by name what its folder has for others.',
};
const aClock = {
  selector: "NewExpression[callee.name='Date'][arguments.length=0]",
  message: 'core has no clock: take the time as a parameter',
};

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
      'no-restricted-syntax': ['error', aClock, aStar, ...onWords],
    },
  },
  {
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    ignores: ['src/core/**', '**/*.test.ts', '**/*.test.tsx'],
    rules: { 'no-restricted-syntax': ['error', aStar, ...onWords] },
  },
  {
    files: ['src/ui/**/*.tsx'],
    ignores: ['**/*.test.tsx', 'src/ui/controls/lazyPart.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'react',
              importNames: ['lazy', 'Suspense'],
              message: 'use controls/lazyPart: a boundary drawn by the server comes with a script in the page, which is refused',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    ignores: ['**/*.test.ts', '**/*.test.tsx'],
    // One that is longer says above it why it is not in parts.
    rules: { 'max-lines-per-function': ['error', { max: 100, skipBlankLines: true, skipComments: true }] },
  },
  { files: ['scripts/**', 'launcher/**', 'e2e/**', 'bench/**'], rules: { 'no-console': 'off' } },
);
