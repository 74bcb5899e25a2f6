// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { GripProduct } from '@/core/grip';
import type { Outing } from '@/core/model';
import type { SnowConditions } from '@/core/wax';
import { AMERICAN, show, arrived } from '../../../tests/unit/render';
import { act } from '@/writes/act';
import { GripScreen } from './grip-screen';
import type { GripView } from './use-cases/load-grip';

vi.mock('@/writes/act', () => ({ act: vi.fn(async () => ({ ok: true, value: { id: 'one' } })) }));
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: vi.fn(), push: vi.fn() }) }));
vi.mock('@/ui/charts/chart', async (original) => ({
  ...(await original<object>()),
  Chart: ({ label }: { label: string }) => <p>{label}</p>,
}));

const outing = {
  id: 'tour',
  name: 'Lantern tour',
  discipline: 'classic',
  purpose: 'training',
  distanceKm: 42,
  startAt: '2027-01-16T09:00:00Z',
  fluorocarbonsAllowed: false,
  venue: { timeZone: 'CET' },
} as Outing;
const wet: SnowConditions = {
  temperatureC: -4,
  humidityFraction: 0.9,
  origin: 'natural',
  grain: 'MF',
  wetness: 'wet',
  dirt: 'clean',
  glazed: false,
};
const stick: GripProduct = {
  id: 'stick',
  name: 'Grip cold',
  role: 'grip_stick',
  labelLowC: -8,
  labelHighC: -2,
};
const view = (more: Partial<GripView>): GripView => ({
  snow: wet,
  laterC: undefined,
  products: [stick],
  fit: undefined,
  tried: [],
  pairs: [],
  pair: undefined,
  ...more,
});

describe('the Grip screen', () => {
  it('says on wet snow that there is no klister, not what else is missing', () => {
    show(<GripScreen outing={outing} view={view({})} />);
    expect(screen.getByTestId('grip-none').textContent).toBe('There is no klister on the shelf.');
  });

  it('writes every temperature and distance in the units of the device', () => {
    const dry: SnowConditions = { ...wet, grain: 'RG', wetness: 'moist', temperatureC: -5 };
    const { text } = show(<GripScreen outing={outing} view={view({ snow: dry })} />, AMERICAN);
    expect(text()).toContain('Wet snow is at 32 °F, but the probe says 23.0 °F');
    expect(text()).toContain('26.1 mi wears off more than three layers');
    expect(text()).not.toMatch(/\d °C|\d km/);
  });

  it('takes the smallest change first, and remembers what was tried', async () => {
    const { user } = show(
      <GripScreen outing={outing} view={view({ snow: { ...wet, wetness: 'dry' } })} />,
    );
    await arrived();
    await user.click(screen.getByRole('radio', { name: 'It slips' }));
    expect(screen.getByTestId('trouble').textContent).toContain('Make the zone longer');
    await user.click(screen.getByRole('button', { name: 'I tried this' }));
    expect(act).toHaveBeenCalledWith('grip.tried', expect.any(String), {
      id: 'tour',
      step: { complaint: 'slipping', key: 'longer' },
    });
  });

  it('says what is wrong with a feeler’s ends, and keeps no such fit', async () => {
    const { user, text } = show(<GripScreen outing={outing} view={view({})} />);
    await arrived();
    await user.click(screen.getByRole('radio', { name: 'Feeler, two ends' }));
    await user.type(screen.getByRole('textbox', { name: 'Feeler stops at the back at' }), '50');
    await user.type(screen.getByRole('textbox', { name: 'Feeler stops at the front at' }), '10');
    await waitFor(() => expect(text()).toContain('The front end is behind the back end'));
    const keep = screen.getByRole('button', { name: 'Save this fit' });
    expect(keep.hasAttribute('disabled')).toBe(true);
    vi.mocked(act).mockClear();
    await user.click(keep);
    expect(act).not.toHaveBeenCalled();
    const front = screen.getByRole('textbox', { name: 'Feeler stops at the front at' });
    await user.clear(front);
    await user.type(front, '90');
    await waitFor(() => expect(keep.hasAttribute('disabled')).toBe(false));
    await user.click(keep);
    expect(act).toHaveBeenCalledWith('grip.fit', expect.any(String), {
      id: 'tour',
      skiId: undefined,
      fit: { feeler: { backCm: 50, frontCm: 90 }, skiLengthCm: 200 },
    });
  });
});
