// What stands around a screen of the app in a test: registered anew before each file, since the files of the
// project "screens" share one process and the modules in it.
import { cleanup } from '@testing-library/react';
import { afterEach, vi } from 'vitest';
import type { GrainQuestion } from '@/workers/grain.worker';
import type { IronRow } from '@/workers/iron.worker';
import type { PlanQuestion } from '@/workers/plan.worker';
import { shared } from '@/core/shared';

vi.mock('next/navigation', async () => {
  const { router } = await import('./router');
  return {
    useRouter: () => router,
    usePathname: () => '/',
    useSearchParams: () => new URLSearchParams(),
  };
});
vi.mock('next/headers', () => ({
  cookies: () => Promise.resolve({ get: () => undefined, set: vi.fn(), delete: vi.fn() }),
  headers: () => Promise.resolve(new Headers()),
}));
vi.mock('@/ui/charts/chart', async (original) => ({
  ...(await original<object>()),
  Chart: ({ label }: { label: string }) => label,
}));

// A test has no worker: its pools compute in place, the snow with few members and each question once.
vi.mock('@/workers/pools', async () => {
  const { choose } = await import('@/core/choice');
  const { measureGrains } = await import('@/core/grain-card');
  const { mapRow } = await import('@/core/iron');
  const { planBench } = await import('@/core/plan');
  const { fewMembers } = await import('./few-members');
  const { poolInPlace } = await import('./pool-in-place');
  return {
    choicePool: () => poolInPlace(choose),
    ironRowPool: () =>
      poolInPlace(({ question, setC, passS }: IronRow) => mapRow(question, setC, passS)),
    outlookPool: () => poolInPlace(fewMembers),
    planPool: () =>
      poolInPlace(({ problem, seed }: PlanQuestion) => ({
        plan: planBench(problem, { seed, searchS: 0.02 }),
        remedies: [],
      })),
    grainPool: () =>
      poolInPlace(({ picture, rulingMm }: GrainQuestion) => measureGrains(picture, rulingMm)),
    trackPool: () => poolInPlace(() => ({ ok: false, message: 'No track in this test.' })),
  };
});

vi.mock('@/server/outlooks', async (original) => {
  const { fewMembers } = await import('./few-members');
  return {
    ...(await original<object>()),
    keptOutlook: (_db: unknown, input: Parameters<typeof fewMembers>[0]) =>
      Promise.resolve(fewMembers(input)),
  };
});

afterEach(() => {
  if (typeof document !== 'undefined') {
    cleanup();
    localStorage.clear();
  }
  vi.restoreAllMocks();
  vi.clearAllMocks();
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.unstubAllEnvs();
  // The next test opens a database of its own.
  shared.database = undefined;
});
