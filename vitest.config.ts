import { defineConfig } from 'vitest/config';
import { availableParallelism } from 'node:os';
import path from 'node:path';

/** The machine may be slow and shared: no test here is about time. */
const PATIENT = { testTimeout: 120_000, hookTimeout: 120_000 };
const AT_THE_HOST = 'tests/unit/at-the-host.ts';
/** Suites without a state of the whole process: they run in one, which imports each module once. */
const PURE = ['src/{core,formats}/**/*.test.ts'];
const NOT_PURE = ['src/core/kernel/kernel.test.ts'];
const UNIT = [
  'src/{data,server,hub,ui,features,workers,words,writes}/**/*.test.ts',
  ...NOT_PURE,
  'tests/unit/**/*.test.ts',
  'tests/attack/kills.test.ts',
];
const SLOW = [
  'tests/attack/**',
  'tests/unit/{fuzz,storage,host,hostile-files,rules}.test.ts',
  'src/core/snow/outlook/{outlook,calibration,readings,surface-state}.test.ts',
  'src/core/snow/first-guess.test.ts',
];

export default defineConfig({
  resolve: { alias: { '@': path.resolve(import.meta.dirname, 'src') } },
  test: {
    // Vitest leaves one core to itself: on two cores that would halve the work.
    maxWorkers: availableParallelism(),
    coverage: {
      provider: 'v8',
      include: ['src/**', 'app/**', 'host/*.ts'],
      exclude: ['**/*.test.ts', '**/*.test.tsx', 'src/data/migrations/**'],
      reporter: ['text-summary', 'json-summary'],
      reportsDirectory: 'tmp/coverage',
    },
    projects: [
      {
        extends: true,
        test: { ...PATIENT, name: 'pure', include: PURE, exclude: NOT_PURE, isolate: false },
      },
      { extends: true, test: { ...PATIENT, name: 'unit', include: UNIT, setupFiles: AT_THE_HOST } },
      {
        extends: true,
        // What a person does on a screen, in happy-dom.
        test: {
          ...PATIENT,
          name: 'screens',
          include: ['src/**/*.test.tsx'],
          // The stand-in browser has no store of its own.
          setupFiles: ['fake-indexeddb/auto', AT_THE_HOST],
        },
      },
      {
        extends: true,
        // The unit tests without those that take many seconds: for `npm test -- --quick`.
        test: {
          ...PATIENT,
          name: 'quick',
          include: [...PURE, ...UNIT],
          exclude: SLOW,
          setupFiles: AT_THE_HOST,
        },
      },
      {
        extends: true,
        test: {
          // The long run of `npm run attack`: hostile bodies, load and size against a started server.
          name: 'attack',
          setupFiles: AT_THE_HOST,
          include: ['tests/attack/**/*.test.ts'],
          testTimeout: 1_200_000,
          hookTimeout: 300_000,
          fileParallelism: false,
        },
      },
      {
        extends: true,
        // Cabins and their hub, on a PostgreSQL of its own.
        test: {
          ...PATIENT,
          name: 'hub',
          include: ['tests/hub/**/*.test.ts'],
          // It runs beside the browser.
          maxWorkers: availableParallelism() + 1,
        },
      },
      {
        extends: true,
        test: {
          name: 'browser',
          include: ['tests/browser/**/*.test.ts'],
          testTimeout: 300_000,
          hookTimeout: 120_000,
          // A browser waits more than it works.
          maxWorkers: availableParallelism() + 1,
        },
      },
    ],
  },
});
