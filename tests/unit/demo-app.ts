import { afterEach, vi } from 'vitest';
import { type FrostDatabase } from '@/data/database';
import { database } from '@/data/process-database';
import { findOuting } from '@/data/outings';
import type { Outing } from '@/core/model';
import type { GrainQuestion } from '@/workers/grain.worker';
import type { IronRow } from '@/workers/iron.worker';
import type { PlanQuestion } from '@/workers/plan.worker';
import { freshData } from './temporary-database';
import { shared } from '@/core/shared';

const router = vi.hoisted(() => ({ refresh: vi.fn(), push: vi.fn(), replace: vi.fn() }));
vi.mock('next/navigation', () => ({
  useRouter: () => router,
  usePathname: () => '/',
  useSearchParams: () => new URLSearchParams(),
}));
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

export { DEMO_DAY as DAY } from './temporary-database';

/** Where the app went to, in order. */
export const pushed = (): string[] => router.push.mock.calls.map(([path]) => String(path));

/** What the address was replaced by, in order. */
export const replaced = (): string[] => router.replace.mock.calls.map(([path]) => String(path));

afterEach(() => {
  vi.clearAllMocks();
  // The next test opens a database of its own.
  shared.database = undefined;
});

function opened(folder: string): FrostDatabase {
  process.env.FROST_PICK_DATA = folder;
  shared.database = undefined;
  return database();
}

/** The app's own database with the demo in it, fresh for each test: what a component's actions write to. */
export const demoDatabase = async (): Promise<FrostDatabase> => opened(await freshData(true));

/** The app's own database with nothing in it. */
export const emptyDatabase = async (): Promise<FrostDatabase> => opened(await freshData(false));

export const outingOf = async (db: FrostDatabase, id: string): Promise<Outing> =>
  (await findOuting(db, id))!;
