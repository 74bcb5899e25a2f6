// @vitest-environment happy-dom
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { cleanup, screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { openDatabase, type FrostDatabase } from '@/data/database';
import { migrateStorage } from '@/data/storage/migrate';
import { loadTeamSettings } from '@/data/team-settings';
import { demoDatabase } from '../../../tests/unit/demo-app';
import { show } from '../../../tests/unit/render';
import { CopiesPart } from './copies-part';
import { TeamPart } from './team-part';
import { copiesNow } from './use-cases/copies';

let db: FrostDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});

describe('how the team works', () => {
  it('is set by one press, and every other setting stays', async () => {
    const before = await loadTeamSettings(db);
    const { user, text } = show(<TeamPart stored={before} />);
    await user.click(screen.getByRole('radio', { name: 'Rotary' }));
    expect(text()).toContain('Fast for many pairs.');
    await waitFor(async () =>
      expect(await loadTeamSettings(db)).toEqual({
        ...before,
        methods: { ...before.methods, drive: 'rotary' },
      }),
    );
  });

  it('adds and takes away single tools', async () => {
    const { user } = show(<TeamPart stored={await loadTeamSettings(db)} />);
    await user.click(screen.getByRole('checkbox', { name: 'Rilling tool' }));
    await waitFor(async () => expect((await loadTeamSettings(db)).tools).toContain('riller'));
    await user.click(screen.getByRole('checkbox', { name: 'Rilling tool' }));
    await waitFor(async () => expect((await loadTeamSettings(db)).tools).not.toContain('riller'));
  });
});

describe('copies of all data', () => {
  it('are listed, and one more is made by a press', async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'frost-settings-'));
    vi.stubEnv('FROST_PICK_DATA', folder);
    const other = openDatabase(folder);
    await migrateStorage(other, folder, new Date());
    expect(copiesNow()).toEqual([]);
    const { user, text } = show(<CopiesPart copies={[]} timeZone="CET" />);
    await user.click(screen.getByRole('button', { name: 'Copy now' }));
    await waitFor(() => expect(text()).toMatch(/Copied and checked: backups.frost-pick-.*MB/));
    const [copy] = copiesNow();
    cleanup();
    const again = show(<CopiesPart copies={[copy!]} timeZone="CET" />);
    expect(again.text()).toContain(copy!.name);
    await other.destroy();
    rmSync(folder, { recursive: true });
    // The folder is gone: the press says so and what to do.
    await again.user.click(screen.getByRole('button', { name: 'Copy now' }));
    await waitFor(() => expect(again.text()).toContain('Free some disk space'));
    vi.unstubAllEnvs();
  });
});
