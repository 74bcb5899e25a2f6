import { describe, expect, it, vi } from 'vitest';
import { outlook, type OutlookInput } from '@/core/snow/outlook';
import { keptOutlook, outlookTask } from '@/server/outlooks';
import { FLAT_SITE } from '../../tests/unit/fixtures';
import { migrated, temporaryFolder } from '../../tests/unit/temporary-database';
import { findOutlook, keepOutlook } from './outlooks';
import { shared } from '../core/shared';

const input = (seed: number): OutlookInput => ({
  site: { ...FLAT_SITE, latitude: 46.6, longitude: 10.2 },
  surface: { kind: 'groomed' },
  weather: Array.from({ length: 6 }, (_, h) => ({
    timeMs: Date.parse('2027-01-13T12:00:00Z') + h * 3_600_000,
    airTemperatureC: -4 - h,
    humidityFraction: 0.7,
    windMPerS: 1,
    cloudFraction: 0,
  })),
  members: 20,
  seed,
  memberTimesMs: [Date.parse('2027-01-13T16:00:00Z')],
});
const at = '2027-01-13T12:00:00.000Z';

describe('computed outlooks', () => {
  it('come back from the database as they were computed, members and all', async () => {
    const db = await migrated(temporaryFolder());
    const made = outlook(input(1));
    await keepOutlook(db, { key: 'k', outlook: made, at });
    expect(await findOutlook(db, 'k')).toEqual(made);
    expect(await findOutlook(db, 'other')).toBeUndefined();
  });

  it('are computed once for all who ask, also after the server was started again', async () => {
    const db = await migrated(temporaryFolder());
    const run = vi.spyOn(outlookTask, 'run');
    const [a, b] = await Promise.all([keptOutlook(db, input(2)), keptOutlook(db, input(2))]);
    expect(b).toBe(a);
    // A new process has nothing in its memory.
    delete shared.outlooks;
    expect(await keptOutlook(db, input(2))).toEqual(a);
    expect(run).toHaveBeenCalledTimes(1);
    await keptOutlook(db, input(3));
    expect(run).toHaveBeenCalledTimes(2);
  });

  it('that cannot be read are computed again', async () => {
    const db = await migrated(temporaryFolder());
    await db
      .insertInto('outlook')
      .values({ key: 'k', at, answer: Buffer.from('no outlook') })
      .execute();
    expect(await findOutlook(db, 'k')).toBeUndefined();
  });

  it('are kept by the hundred, the oldest going first', async () => {
    const db = await migrated(temporaryFolder());
    const made = outlook({ ...input(4), members: 2 });
    const moment = (i: number) => new Date(Date.parse(at) + i * 1000).toISOString();
    for (let i = 0; i < 303; i += 1) {
      await keepOutlook(db, { key: `k${i}`, outlook: made, at: moment(i) });
    }
    const rows = await db.selectFrom('outlook').select('key').execute();
    expect(rows).toHaveLength(300);
    expect(rows.some(({ key }) => key === 'k0')).toBe(false);
    expect(rows.some(({ key }) => key === 'k302')).toBe(true);
  });
});
