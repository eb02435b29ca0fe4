import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['dist', 'node_modules', 'coverage', 'test-results', 'playwright-report', '.cache', '.data'] },
  js.configs.recommended,
  ...ts.configs.recommendedTypeChecked,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      eqeqeq: 'error',
    },
  },
  {
    // The computation has no clock, no chance and no console: same input, same output.
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'process', 'console', 'setTimeout'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core has no chance' },
        { object: 'Date', property: 'now', message: 'core has no clock: take `now` as an argument' },
      ],
    },
  },
  {
    // A pool of one gives its connection to the transaction: asked again inside it would wait for itself.
    files: ['server/**/*.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.property.name='transaction'] > :function Identifier[name='db']",
          message:
            'Inside a transaction ask the transaction, not the database: with one connection it waits for ever.',
        },
      ],
    },
  },
  {
    files: ['web/**/*.{ts,tsx}'],
    languageOptions: { globals: globals.browser },
    plugins: { 'react-hooks': hooks },
    // The two that find faults. Those of its compiler, which is not used here, take as long as all the rest together.
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    // What needs the types finds promises nobody waits for and values nobody knows: neither is in functions that compute.
    // The compiler's own check of them is strict, and takes a tenth of the time.
    files: ['core/**/*.ts'],
    extends: [ts.configs.disableTypeChecked],
  },
  {
    files: ['**/*.{js,mjs,cjs}'],
    extends: [ts.configs.disableTypeChecked],
    languageOptions: { globals: globals.node },
  },
  prettier,
);
