import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTypescript from 'eslint-config-next/typescript';
import tseslint from 'typescript-eslint';
import { noLooseNumbers } from './scripts/lint/no-loose-numbers.mjs';
import { noProse } from './scripts/lint/no-prose.mjs';

const house = { rules: { 'no-loose-numbers': noLooseNumbers, 'no-prose': noProse } };

const OF_HOOKS = ['react-hooks/rules-of-hooks', 'react-hooks/exhaustive-deps'];
const ofTheCompiler = Object.fromEntries(
  nextVitals
    .flatMap(({ rules = {} }) => Object.keys(rules))
    .filter((name) => name.startsWith('react-hooks/') && !OF_HOOKS.includes(name))
    .map((name) => [name, 'off']),
);

const config = [
  { ignores: ['.next/**', 'node_modules/**', 'next-env.d.ts', 'tmp/**', 'data/**'] },
  ...nextVitals,
  ...nextTypescript,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'warn',
        { ignoreRestSiblings: true, varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportAllDeclaration', message: 'Export by name.' },
      ],
    },
  },
  {
    // What the compiler of React would say is asked of components and hooks alone: it is two fifths of the time.
    files: ['**/*.ts', '**/*.test.tsx'],
    ignores: ['**/use-*.ts'],
    rules: ofTheCompiler,
  },
  {
    // Rules that know the types: a promise nobody waits for, a case nobody thought of.
    files: ['**/*.ts', '**/*.tsx'],
    plugins: { '@typescript-eslint': tseslint.plugin },
    languageOptions: {
      parser: tseslint.parser,
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
      '@typescript-eslint/only-throw-error': 'error',
      '@typescript-eslint/prefer-promise-reject-errors': 'error',
      '@typescript-eslint/restrict-plus-operands': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
    },
  },
  {
    // More than three things given in order are confused: an object names them.
    files: ['src/**/*.ts', 'src/**/*.tsx', 'app/**/*.ts', 'app/**/*.tsx', 'host/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      '**/*.test.tsx',
      // A sentence has as many slots as it has.
      'src/words/**',
      // Called for each layer, step and member: an object a call would be an object a nanosecond.
      'src/core/kernel/{column,grain,surface-past}.ts',
      'src/core/snow/outlook/forcing.ts',
      'src/core/iron/{column,plate}.ts',
      // The shape is the validation library's.
      'src/formats/schemas/list.ts',
    ],
    rules: { 'max-params': ['error', 3] },
  },
  {
    // One helper reads the clock.
    files: ['src/**/*.ts', 'src/**/*.tsx', 'app/**/*.ts', 'app/**/*.tsx', 'host/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.test.tsx', 'src/core/time/now.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportAllDeclaration', message: 'Export by name.' },
        {
          selector:
            "CallExpression[callee.object.name='Date'][callee.property.name='now'], NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'Take the time from core/time: wallMs or wallIso.',
        },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts', 'src/data/**/*.ts'],
    // Reasons of figures, headers of files and the demo's own texts are data.
    ignores: [
      '**/*.test.ts',
      '**/figures.ts',
      '**/constants.ts',
      'src/core/model/**',
      'src/data/demo/**',
    ],
    plugins: { house },
    rules: { 'house/no-prose': 'error' },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/figures.ts', '**/constants.ts', 'src/core/model/**'],
    plugins: { house },
    rules: { 'house/no-loose-numbers': 'error' },
  },
];

export default config;
