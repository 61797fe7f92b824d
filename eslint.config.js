import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import { defineConfig, globalIgnores } from 'eslint/config'
import globals from 'globals'
import ts from 'typescript-eslint'
import vueParser from 'vue-eslint-parser'

export default defineConfig(
  globalIgnores([
    '**/dist',
    '.data',
    'server/drizzle',
    'coverage',
    'test-results',
    'playwright-report',
  ]),
  js.configs.recommended,
  ts.configs.strict,
  vue.configs['flat/recommended'],
  prettier,
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: {
      parser: vueParser,
      parserOptions: { parser: ts.parser, ecmaVersion: 'latest', sourceType: 'module' },
      globals: { ...globals.browser, ...globals.node },
    },
    rules: {
      // The type checker knows what is defined; eslint does not see types.
      'no-undef': 'off',
      eqeqeq: 'error',
      'no-console': 'error',
      'prefer-const': 'error',
      'max-params': ['error', 4],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      'vue/block-lang': ['error', { script: { lang: 'ts' } }],
      'vue/component-api-style': ['error', ['script-setup']],
      'vue/require-default-prop': 'off',
    },
  },
  {
    // Controls are the library's, dressed and mended once in web/src/ui; docs/interface.md counts them.
    files: ['web/src/**/*.vue'],
    ignores: ['web/src/ui/**'],
    rules: {
      'vue/no-restricted-html-elements': [
        'error',
        ...[
          'button',
          'details',
          'summary',
          'table',
          'input',
          'fieldset',
          'dialog',
          'select',
          'textarea',
        ].map((element) => ({
          element,
          message: 'take the control of the component library or of web/src/ui',
        })),
      ],
    },
  },
  {
    // A function of 60 lines and a file of 300 are as much as is held in mind at once.
    files: ['**/*.{ts,vue}'],
    ignores: [
      '**/*.test.ts',
      '**/tests/**',
      'e2e/**',
      // What is drawn and what is told of the demo estate read from top to bottom.
      'core/src/seen/painter/**',
      'sim/src/vennlow/**',
      // Tables of figures, each row by itself.
      '**/data/**',
    ],
    rules: {
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    // Tests are lists of cases: their functions may be long, their files not.
    files: ['**/*.test.ts', '**/tests/**', 'e2e/**'],
    rules: { 'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }] },
  },
  // A table of cases is read as columns.
  { files: ['**/*.test.ts'], rules: { 'max-params': 'off' } },
  { files: ['**/*.mjs', '**/*.cjs', '*.js'], languageOptions: { globals: globals.node } },
  {
    // The core has no clock and no chance of its own.
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'hand a seed in' },
        { object: 'Date', property: 'now', message: 'hand the day in' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'hand the day in',
        },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch'],
    },
  },
)
