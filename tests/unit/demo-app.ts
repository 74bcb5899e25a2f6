import { type FrostDatabase } from '@/data/database';
import { database } from '@/data/process-database';
import { findOuting } from '@/data/outings';
import type { Outing } from '@/core/model';
import { router } from './router';
import { freshData } from './temporary-database';
import { shared } from '@/core/shared';

export { DEMO_DAY as DAY } from './temporary-database';

/** Where the app went to, in order. */
export const pushed = (): string[] => router.push.mock.calls.map(([path]) => String(path));

/** What the address was replaced by, in order. */
export const replaced = (): string[] => router.replace.mock.calls.map(([path]) => String(path));

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
