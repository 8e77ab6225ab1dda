import eslint from '@eslint/js';
import angular from 'angular-eslint';
import prettier from 'eslint-config-prettier';
import regexp from 'eslint-plugin-regexp';
import { defineConfig, globalIgnores } from 'eslint/config';
import tseslint from 'typescript-eslint';

/** "x ? $localize`down` : 'up'": one of two words was forgotten, and stays English in every language. */
const HALF_TRANSLATED = {
  selector:
    'ConditionalExpression:has(> TaggedTemplateExpression[tag.name="$localize"]) > Literal[value=/^(?!(?:min|ml|cm|kg)$)[^a-z]*[a-z]{2,}[^a-z]*$/i]',
  message: 'Its counterpart is translated: translate this too.',
};

export default defineConfig(
  globalIgnores([
    '**/dist/',
    '**/node_modules/',
    '.angular/',
    'coverage/',
    'test-results/',
    'playwright-report/',
    'look/',
    'reports/',
  ]),
  {
    files: ['**/*.ts'],
    extends: [eslint.configs.recommended, tseslint.configs.strictTypeChecked, tseslint.configs.stylisticTypeChecked],
    languageOptions: {
      parserOptions: {
        project: './tsconfig.lint.json',
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      '@typescript-eslint/no-extraneous-class': ['error', { allowWithDecorator: true }],
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    // a pattern that goes back over what it has seen hangs the page on a text that somebody leaned on a key in
    files: ['**/*.{ts,mjs,js}'],
    plugins: { regexp },
    rules: { 'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }] },
  },
  {
    // a file has one subject, a function one act: what grows beyond this is two
    files: ['{core,app,server,scripts}/**/*.{ts,mjs,js}'],
    ignores: ['**/*.table.ts'],
    rules: { 'max-lines': ['error', 400] },
  },
  {
    files: ['{core,app,server}/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: { 'max-lines-per-function': ['error', 80] },
  },
  {
    // no clock, no randomness, nothing from outside: the core is a function of its input
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: ['@angular/*', 'primeng/*', 'node:*', 'dexie'] }],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass a random source in.' },
        { object: 'Date', property: 'now', message: 'Pass the clock in.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Pass the clock in.' },
        HALF_TRANSLATED,
      ],
    },
  },
  {
    // a spec may read a table or a font from the disk
    files: ['core/**/*.spec.ts', 'core/**/*.spec-help.ts'],
    rules: { 'no-restricted-imports': ['error', { patterns: ['@angular/*', 'primeng/*', 'dexie'] }] },
  },
  {
    files: ['app/**/*.ts'],
    extends: [angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      '@angular-eslint/component-selector': ['error', { type: 'element', prefix: 'orv', style: 'kebab-case' }],
      '@angular-eslint/directive-selector': ['error', { type: 'attribute', prefix: 'orv', style: 'camelCase' }],
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
      '@angular-eslint/prefer-signals': 'error',
      '@angular-eslint/prefer-output-emitter-ref': 'error',
      '@angular-eslint/prefer-host-metadata-property': 'error',
      '@angular-eslint/no-uncalled-signals': 'error',
      '@angular-eslint/computed-must-return': 'error',
      '@angular-eslint/no-experimental': 'error',
      'no-restricted-syntax': ['error', HALF_TRANSLATED],
    },
  },
  {
    files: ['**/*.html'],
    extends: [angular.configs.templateRecommended, angular.configs.templateAccessibility],
    rules: { '@angular-eslint/template/button-has-type': 'error' },
  },
  {
    files: ['server/src/main.ts', 'server/src/devices/main.ts', 'e2e/**/*.ts', 'scripts/**/*.ts'],
    rules: { 'no-console': 'off' },
  },
  {
    files: ['**/*.{js,mjs,cjs}'],
    extends: [eslint.configs.recommended],
    languageOptions: {
      globals: {
        process: 'readonly',
        location: 'readonly',
        WebSocket: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        performance: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
        document: 'readonly',
        getComputedStyle: 'readonly',
        innerWidth: 'readonly',
        DataTransfer: 'readonly',
        DragEvent: 'readonly',
        window: 'readonly',
        addEventListener: 'readonly',
        PerformanceObserver: 'readonly',
        Event: 'readonly',
        EventTarget: 'readonly',
        CloseEvent: 'readonly',
        MessageEvent: 'readonly',
        File: 'readonly',
        requestAnimationFrame: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        require: 'readonly',
        module: 'writable',
        __dirname: 'readonly',
      },
    },
  },
  prettier,
);
