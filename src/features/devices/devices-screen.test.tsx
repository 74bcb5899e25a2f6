// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { addDevice, listDevices } from '@/data/devices';
import { nowMs } from '@/server/clock';
import { Door, door } from '@/server/door/door';
import { demoDatabase } from '../../../tests/unit/demo-app';
import { fill, show } from '../../../tests/unit/render';
import { DevicesScreen } from './devices-screen';
import { loadDevices } from './use-cases/load-devices';
import { shared } from '@/core/shared';

const HOUR_MS = 3_600_000;
let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
  shared.door = new Door();
  process.env.FROST_PICK_LAN = JSON.stringify({
    origins: ['https://192.168.7.4:3211', 'https://10.0.0.4:3211'],
    fingerprint: 'AB:CD',
  });
});
afterEach(() => {
  delete process.env.FROST_PICK_LAN;
});

const shown = async () =>
  show(<DevicesScreen data={await loadDevices(db)} serverNowMs={nowMs()} />);
const tablet = () =>
  addDevice(db, {
    id: 'tablet-1',
    kind: 'device',
    name: 'Bench tablet',
    role: 'works',
    secretHash: 'a'.repeat(64),
    createdAt: '2027-01-13T12:00:00.000Z',
    lastSeenAt: new Date(nowMs() - 2 * HOUR_MS).toISOString(),
  });

describe('devices', () => {
  it('says how to open the server where it listens on this machine alone', async () => {
    delete process.env.FROST_PICK_LAN;
    const { text } = await shown();
    expect(text()).toContain('npm start -- --lan');
    expect(screen.queryByRole('button', { name: 'Show a code' })).toBeNull();
  });

  it('shows the code with its addresses and what it allows, and puts it away', async () => {
    const first = await shown();
    const part = within(screen.getByRole('region', { name: 'Pair a device' }));
    await first.user.click(part.getByRole('radio', { name: 'Looks only' }));
    fireEvent.click(screen.getByRole('button', { name: 'Show a code' }));
    await waitFor(() => expect(door().code()?.role).toBe('looks'));
    first.unmount();
    const second = await shown();
    const code = door().code()!.code;
    expect(screen.getByTestId('pair-code').textContent).toBe(
      `${code.slice(0, 4)}-${code.slice(4)}`,
    );
    expect(screen.getAllByTestId('pair-address').map((one) => one.textContent)).toEqual([
      'https://192.168.7.4:3211/pair',
      'https://10.0.0.4:3211/pair',
    ]);
    expect(second.text()).toContain('Looks only. Expires in');
    expect(screen.getByRole('img', { name: /QR/ }).querySelector('svg')).not.toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Hide the code' }));
    await waitFor(() => expect(door().code()).toBeUndefined());
  });

  it('shows who tried to pair in vain, and lets the next try in', async () => {
    door().openCode('works');
    await door().pair(
      { code: 'ABCDEFGH', secret: '', name: 'Hill phone', from: '192.168.7.9' },
      {} as never,
    );
    const { text } = await shown();
    expect(text()).toContain('“Hill phone” from 192.168.7.9, just now');
    fireEvent.click(screen.getByRole('button', { name: 'Let Hill phone in' }));
    await screen.findByText('Press Pair again on Hill phone within five minutes.');
    expect(door().triesNow()).toEqual([]);
  });

  it('changes a device and turns it away only when that is said twice', async () => {
    await tablet();
    const { text, user } = await shown();
    const line = within(screen.getByTestId('device'));
    expect(text()).toMatch(/Works · last seen 2 h( 0 min)? ago/);
    fireEvent.click(line.getByRole('button', { name: 'Change Bench tablet' }));
    fill('Name', 'Hill tablet');
    await user.click(line.getByRole('radio', { name: 'Looks only' }));
    fireEvent.click(line.getByRole('button', { name: 'Save' }));
    await screen.findByText('Saved: Hill tablet.');
    expect(await listDevices(db)).toMatchObject([{ name: 'Hill tablet', role: 'looks' }]);
    fireEvent.click(line.getByRole('button', { name: 'Delete Bench tablet' }));
    fireEvent.click(line.getByRole('button', { name: 'Keep it' }));
    expect(await listDevices(db)).toHaveLength(1);
    fireEvent.click(line.getByRole('button', { name: 'Delete Bench tablet' }));
    fireEvent.click(line.getByRole('button', { name: 'Delete' }));
    await screen.findByText(/^Deleted: /);
    expect(await listDevices(db)).toEqual([]);
  });

  it('shows a token once, and says what is missing', async () => {
    await shown();
    fireEvent.click(screen.getByRole('button', { name: 'Make a token' }));
    await screen.findByText('Give the device a name.');
    fill('Name of the script', 'Mast');
    fireEvent.click(screen.getByRole('button', { name: 'Make a token' }));
    const token = (await screen.findByTestId('token')).textContent;
    expect(token).toMatch(/^[\w-]{43}$/);
    expect(await listDevices(db)).toMatchObject([{ kind: 'token', name: 'Mast', role: 'looks' }]);
  });
});
