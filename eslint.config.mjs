import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import { ASSERTING } from './tools/asserting-files.mjs';
import types from './tools/eslint-types.mjs';
import words from './tools/eslint-words.mjs';

/** What is checked with its types: promises that nobody waits for, conditions that cannot be. */
const TYPED = ['packages/*/src/**/*.{ts,tsx}', 'e2e/**/*.ts'];

export default tseslint.config(
  {
    ignores: [
      'packages/web/src/api/generated.ts',
      '**/dist/**',
      '**/node_modules/**',
      '.data/**',
      '.reports/**',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.strict,
  ...tseslint.configs.strictTypeCheckedOnly.map((config) => ({ ...config, files: TYPED })),
  {
    files: TYPED,
    languageOptions: {
      parserOptions: {
        project: ['packages/*/tsconfig.json', 'e2e/tsconfig.json'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    plugins: { compiler: { rules: { types } } },
    rules: {
      'compiler/types': 'error',
      // A number reads the same in a sentence as it is written; anything else is worded first.
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      // Documents are described by classes for their validators' sake; as values they are plain data.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      '@typescript-eslint/no-misused-spread': 'off',
    },
  },
  {
    files: ['packages/*/src/**/*.{ts,tsx}'],
    ignores: ['**/*.spec.{ts,tsx}', '**/testing/**', ...ASSERTING],
    rules: {
      '@typescript-eslint/consistent-type-assertions': ['error', { assertionStyle: 'never' }],
    },
  },
  {
    files: ['packages/{cli,core,server,web}/src/**/*.{ts,tsx}'],
    ignores: ['**/*.spec.{ts,tsx}', '**/{testing,demo,migrations}/**'],
    plugins: { glossary: { rules: { words } } },
    rules: { 'glossary/words': 'error' },
  },
  {
    // What a test asks the server or reads out of a file is of any shape until it is compared.
    files: ['**/*.spec.{ts,tsx}', '**/testing/**/*.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      '@typescript-eslint/require-await': 'off',
    },
  },
  {
    rules: {
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      // Taking fields out of an object by naming them is what the rest is for.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      eqeqeq: ['error', 'always'],
      'max-depth': ['error', 4],
      complexity: ['error', 16],
    },
  },
  {
    // Nest reads constructor parameters' types at run time.
    files: ['packages/server/src/**/*.ts', 'packages/simulator/src/**/*.ts'],
    rules: { '@typescript-eslint/consistent-type-imports': 'off' },
  },
  {
    files: ['**/*.js', '**/*.cjs', '**/*.mjs'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        module: 'readonly',
        require: 'readonly',
        AbortSignal: 'readonly',
        Buffer: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        clearTimeout: 'readonly',
        performance: 'readonly',
        setTimeout: 'readonly',
        fetch: 'readonly',
        structuredClone: 'readonly',
        URL: 'readonly',
        URLSearchParams: 'readonly',
        TextDecoder: 'readonly',
        MutationObserver: 'readonly',
        document: 'readonly',
        Image: 'readonly',
        OffscreenCanvas: 'readonly',
        btoa: 'readonly',
      },
    },
  },
  {
    files: ['**/*.cjs'],
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    files: ['packages/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      // It is about the compiler that memoizes, and there is none.
      'react-hooks/incompatible-library': 'off',
    },
  },
  {
    files: ['packages/web/src/**/*.tsx'],
    ...a11y.flatConfigs.recommended,
    rules: {
      ...a11y.flatConfigs.recommended.rules,
      // The first field of a form or dialog that somebody opened has the focus.
      'jsx-a11y/no-autofocus': ['error', { ignoreNonDOM: true }],
      'jsx-a11y/label-has-associated-control': [
        'error',
        { controlComponents: ['DateField', 'NumberInput', 'Select', 'Switch'], depth: 3 },
      ],
      // A region that scrolls, and a note with more to say, are reached by keyboard.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['region', 'note'] }],
    },
  },
);
