import js from '@eslint/js';
import { defineConfig, globalIgnores } from 'eslint/config';
import prettier from 'eslint-config-prettier/flat';
import vue from 'eslint-plugin-vue';
import jsdoc from 'eslint-plugin-jsdoc';
import globals from 'globals';
import ts from 'typescript-eslint';

export default defineConfig(
  globalIgnores(['**/dist/', '**/coverage/', '**/components.d.ts', '**/.stryker-tmp/', 'reports/', 'test-results/']),
  js.configs.recommended,
  {
    files: ['**/*.{ts,vue}'],
    extends: [ts.configs.recommendedTypeChecked, vue.configs['flat/recommended']],
    languageOptions: {
      parserOptions: {
        parser: ts.parser,
        projectService: true,
        tsconfigRootDir: import.meta.dirname,
        extraFileExtensions: ['.vue'],
      },
    },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/consistent-type-imports': 'error',
      // Every word on screen comes from the catalogue; bare marks and signs may stand in a template.
      'vue/no-bare-strings-in-template': [
        'error',
        { allowlist: ['/', '·', '±', '×', '=', '—', '▾', '●', '◆', '▲', '…', '?', 'g', 'y', 'Ctrl', 'Z', 'Y'] },
      ],
      'vue/component-api-style': ['error', ['script-setup']],
      'vue/define-props-declaration': ['error', 'type-based'],
    },
  },
  // Each component is a change of the whole program to the type checker, some seconds each: a quarter of an hour for rules that the
  // compiler of components mostly has anyway. Asked for by LINT_COMPONENT_TYPES=1; modules are always asked.
  ...(process.env.LINT_COMPONENT_TYPES
    ? []
    : [{ files: ['**/*.vue'], extends: [ts.configs.disableTypeChecked], rules: { 'no-undef': 'off' } }]),
  { files: ['web/src/**'], languageOptions: { globals: globals.browser } },
  {
    // Numbers and days are written in the language that is spoken: one module knows how.
    files: ['{web,papers,cli,server}/src/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', 'papers/src/words/inLanguage.ts'],
    rules: {
      'no-restricted-globals': ['error', { name: 'Intl', message: 'Ask written, writtenDay or writtenMoment.' }],
      'no-restricted-properties': [
        'error',
        ...['toLocaleString', 'toLocaleDateString', 'toLocaleTimeString'].map((property) => ({ property })),
      ],
    },
  },
  {
    // One calendar day in the app, which turns at midnight.
    files: ['web/src/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', 'web/src/stores/today.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.name='localDay'] > NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'Ask useToday(), which turns at midnight.',
        },
      ],
    },
  },
  {
    // The platform is passed in: core reads no clock, draws no dice and knows no page.
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.bench.ts', 'core/src/testing/**'],
    rules: {
      'no-restricted-globals': ['error', 'document', 'window', 'localStorage', 'navigator', 'performance', 'process'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
      ],
    },
  },
  {
    // Whoever calls a function of core reads here what it is for: units, what comes back when something is missing, source.
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.bench.ts', 'core/src/testing/**'],
    plugins: { jsdoc },
    rules: {
      'jsdoc/require-jsdoc': [
        'error',
        {
          publicOnly: true,
          enableFixer: false,
          require: { FunctionDeclaration: true, ArrowFunctionExpression: true, FunctionExpression: true },
        },
      ],
    },
  },
  {
    // Which figure of which plate holds is said in one place; whoever judges asks there.
    files: ['core/src/{loads,state,scale,checks,rulebook,verdict,limits,loading,weighing,balance,uprating}/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.bench.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['**/rig/plate.ts'], importNames: ['figuresFor'], message: 'Ask rig/plated.ts.' }] },
      ],
    },
  },
  {
    files: ['core/src/{loads,state,scale,checks,rulebook,limits,loading,weighing,balance}/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.bench.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: "MemberExpression[property.name='plates']", message: 'Ask rig/plated.ts which figure holds.' },
      ],
    },
  },
  { files: ['**/*.{js,mjs,cjs}'], languageOptions: { globals: globals.node } },
  prettier,
);
