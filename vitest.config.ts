import { defineConfig } from 'vitest/config';
import { availableParallelism } from 'node:os';
import path from 'node:path';

/** The machine may be slow and shared: no test here is about time. */
const PATIENT = { testTimeout: 120_000, hookTimeout: 120_000 };
const AT_THE_HOST = 'tests/unit/at-the-host.ts';
/** Suites with stand-ins or a state of the whole process of their own. */
const APART = [
  'src/core/kernel/kernel.test.ts',
  'src/writes/*.test.{ts,tsx}',
  'src/ui/**/*.test.tsx',
  'src/features/grip/grip-screen.test.tsx',
  'src/features/frame/log-decision.test.tsx',
  'tests/attack/kills.test.ts',
];
/** Suites without a screen that take the same stand-ins. */
const AT_THE_SCREEN = ['tests/unit/{door,plan-cabin}.test.ts'];
const UNIT = ['src/**/*.test.ts', 'tests/unit/**/*.test.ts'];
/** What the stand-in browser lacks, and how it is used. */
const STAND_IN = ['fake-indexeddb/auto', 'tests/unit/stand-in-browser.ts'];
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
    globalSetup: 'tests/temporary.ts',
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
        // All in one process a worker, which imports each module once.
        test: {
          ...PATIENT,
          name: 'unit',
          include: UNIT,
          exclude: [...APART, ...AT_THE_SCREEN],
          isolate: false,
          setupFiles: AT_THE_HOST,
        },
      },
      {
        extends: true,
        // What a person does on a screen, in happy-dom.
        test: {
          ...PATIENT,
          name: 'screens',
          include: ['src/features/**/*.test.tsx', ...AT_THE_SCREEN],
          exclude: APART,
          isolate: false,
          setupFiles: [...STAND_IN, AT_THE_HOST, 'tests/unit/at-the-screen.ts'],
        },
      },
      {
        extends: true,
        test: {
          ...PATIENT,
          name: 'apart',
          include: APART,
          setupFiles: [...STAND_IN, AT_THE_HOST],
        },
      },
      {
        extends: true,
        // The unit tests without those that take many seconds: for `npm test -- --quick`.
        test: {
          ...PATIENT,
          name: 'quick',
          include: UNIT,
          exclude: [...SLOW, ...APART, ...AT_THE_SCREEN],
          isolate: false,
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
