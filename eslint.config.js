import ts from 'typescript-eslint';

const SENTENCE = 'A sentence belongs into web/words, where it can be said in another language.';
/** Two words with a space between: what a baker would read. */
const WORDS = '/[A-Za-z]{2,}[,.:;]? [A-Za-z]{2,}/';
const SHOWN =
  '/^(label|aria-label|aria-roledescription|title|placeholder|description|alt|error|unit|name|words)$/';

/** What stands between the words of a list is a sentence too. */
const JOINED = {
  selector: "CallExpression[callee.property.name='join'] > Literal[value=/[A-Za-z]{2,}/]",
  message: SENTENCE,
};

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
  {
    // What a page says comes from a catalogue. Names of classes are the only words with spaces that are not said.
    files: ['web/**/*.{ts,tsx}'],
    ignores: ['**/*.test.*', 'web/testing/**', 'web/words/**'],
    languageOptions: { parser: ts.parser, parserOptions: { ecmaFeatures: { jsx: true } } },
    rules: {
      'no-restricted-syntax': [
        'error',
        JOINED,
        { selector: 'JSXText[value=/[A-Za-z]{2,}/]', message: SENTENCE },
        { selector: `JSXAttribute[name.name=${SHOWN}] > Literal[value=/[A-Za-z]{2,}/]`, message: SENTENCE },
        {
          selector: `JSXExpressionContainer > Literal[value=/[A-Za-z]{2,}/]:not(JSXAttribute *)`,
          message: SENTENCE,
        },
        {
          selector: `:matches(ConditionalExpression, LogicalExpression) > Literal[value=${WORDS}]`,
          message: SENTENCE,
        },
        {
          selector: `:matches(Property, VariableDeclarator, ArrayExpression, ReturnStatement, ArrowFunctionExpression, NewExpression, CallExpression:not([callee.property.name=/^(closest|querySelector|querySelectorAll)$/])) > Literal[value=${WORDS}]`,
          message: SENTENCE,
        },
        {
          selector: `TemplateLiteral:not(JSXAttribute[name.name='className'] TemplateLiteral) > TemplateElement[value.raw=${WORDS}]`,
          message: SENTENCE,
        },
      ],
    },
  },
  {
    files: ['web/words/**/*.ts'],
    ignores: ['**/*.test.*', 'web/words/data/**'],
    languageOptions: { parser: ts.parser },
    rules: { 'no-restricted-syntax': ['error', JOINED] },
  },
];
