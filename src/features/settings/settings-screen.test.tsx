// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { loadTeamSettings } from '@/data/team-settings';
import { demoDatabase } from '../../../tests/unit/demo-app';
import { show } from '../../../tests/unit/render';
import { TeamPart } from './team-part';

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
