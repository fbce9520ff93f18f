import css from '@eslint/css';
import js from '@eslint/js';
import nextPlugin from '@next/eslint-plugin-next';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const noStarExports = { selector: 'ExportAllDeclaration', message: 'Name what is exported.' };

/** Words between tags, in braces, or in the attributes that are read or spoken. */
const READ_ATTRIBUTES = '/^(aria-label|aria-description|alt|title|label|placeholder)$/';
const wordsInTheView = [
  'JSXText[value=/\\p{L}{2}/u]',
  'JSXElement > JSXExpressionContainer > Literal[value=/\\p{L}{2}/u]',
  'JSXElement > JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=/\\p{L}{2}/u]',
  `JSXAttribute[name.name=${READ_ATTRIBUTES}] > Literal[value=/\\p{L}{2}/u]`,
  `JSXAttribute[name.name=${READ_ATTRIBUTES}] > JSXExpressionContainer > Literal[value=/\\p{L}{2}/u]`,
].map((selector) => ({ selector, message: 'Every word a user reads is in src/messages.' }));

/** What has no side of its own, or one that every script shares. */
const SAME_IN_EVERY_DIRECTION = [
  ...['width', 'height', 'min-width', 'min-height', 'max-width', 'max-height', 'top', 'bottom'],
  ...[
    'margin-top',
    'margin-bottom',
    'padding-top',
    'padding-bottom',
    'border-top',
    'border-bottom',
  ],
  ...['border-top-color', 'border-bottom-color', 'overflow-x', 'overflow-y'],
  ...['scroll-margin-top', 'scroll-margin-bottom'],
];
const UNITS_OF_THE_SCREEN = ['vw', 'vh', 'dvw', 'dvh', 'svh', 'lvh'];
const sidesInTheView = {
  selector:
    "JSXAttribute[name.name='style'] Property[key.name=/^(left|right|(margin|padding|border)(Left|Right))$/]",
  message: 'Sides are start and end: some scripts are read from the right.',
};

const FETCHED = 'CallExpression[callee.name=/^(lazily|part|withWords)$/]';
const wordsComeAlong = {
  selector: `ImportExpression[source.value=/^\\.|^@\\u002Fviews/]:not(${FETCHED} ImportExpression)`,
  message: 'A part of a view comes with its words: lazily() or withWords().',
};

export default tseslint.config(
  {
    ignores: [
      '.next/',
      '.cache/',
      'node_modules/',
      'public/offline.js',
      'next-env.d.ts',
      'test-results/',
      'playwright-report/',
    ],
  },
  {
    files: ['**/*.css'],
    plugins: { css },
    language: 'css/css',
    languageOptions: { tolerant: true },
    rules: {
      'css/prefer-logical-properties': [
        'error',
        { allowProperties: SAME_IN_EVERY_DIRECTION, allowUnits: UNITS_OF_THE_SCREEN },
      ],
    },
  },
  { ...js.configs.recommended, files: ['**/*.{js,mjs,cjs,ts,tsx}'] },
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [...tseslint.configs.strictTypeChecked, ...tseslint.configs.stylisticTypeChecked],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      // Typed arrays are read inside their bounds; `as number` there says so without a `!`.
      '@typescript-eslint/non-nullable-type-assertion-style': 'off',
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      'no-restricted-syntax': ['error', noStarExports],
    },
  },
  {
    files: ['src/**/*.tsx'],
    plugins: { 'react-hooks': reactHooks, '@next/next': nextPlugin },
    rules: {
      ...reactHooks.configs.recommended.rules,
      ...nextPlugin.configs.recommended.rules,
      'no-restricted-syntax': [
        'error',
        noStarExports,
        ...wordsInTheView,
        sidesInTheView,
        wordsComeAlong,
      ],
    },
  },
  {
    files: ['src/views/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', noStarExports, wordsComeAlong] },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness comes through an Rng.' },
        { object: 'Date', property: 'now', message: 'The core has no clock.' },
        { object: 'performance', property: 'now', message: 'The core has no clock.' },
      ],
    },
  },
  {
    files: ['**/*.mjs', '**/*.cjs'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        fetch: 'readonly',
        document: 'readonly',
        setTimeout: 'readonly',
        performance: 'readonly',
        module: 'writable',
      },
    },
  },
  {
    files: ['**/*.test.ts', '**/*.test.tsx', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/unbound-method': 'off',
    },
  },
  prettier,
);
