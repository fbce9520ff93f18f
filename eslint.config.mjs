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

export default tseslint.config(
  {
    ignores: [
      '.next/',
      '.cache/',
      'node_modules/',
      'next-env.d.ts',
      'test-results/',
      'playwright-report/',
    ],
  },
  js.configs.recommended,
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
      'no-restricted-syntax': ['error', noStarExports, ...wordsInTheView],
    },
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
