// What stands around a screen of the app in a test: registered anew before each file, since the files of the
// project "screens" share one process and the modules in it.
import { createElement } from 'react';
import { afterEach, vi } from 'vitest';
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
// What a chart is given stands in the page, for `chartOf`.
vi.mock('@/ui/charts/chart', async (original) => ({
  ...(await original<object>()),
  Chart: ({ label, data, layout }: { label: string; data: unknown; layout: unknown }) =>
    createElement('div', { 'data-chart': JSON.stringify({ label, data, layout }) }, label),
}));

vi.mock('@/workers/pools', async () => {
  const { standInPools } = await import('./stand-in-pools');
  const names = Object.keys(standInPools) as (keyof typeof standInPools)[];
  return Object.fromEntries(names.map((name) => [name, () => standInPools[name]()]));
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
  vi.restoreAllMocks();
  vi.clearAllMocks();
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.unstubAllEnvs();
  // The next test opens a database of its own.
  shared.database = undefined;
});
