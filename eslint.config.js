import ts from 'typescript-eslint';

/** Rules that are ours alone; all usual ones are in .oxlintrc.json, whose linter knows types and is many times quicker. */
export default [
  { ignores: ['dist', 'node_modules', 'coverage', 'test-results', 'playwright-report', '.cache', '.data'] },
  {
    // A pool of one gives its connection to the transaction: asked again inside it would wait for itself.
    files: ['server/**/*.ts'],
    languageOptions: { parser: ts.parser },
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
];
