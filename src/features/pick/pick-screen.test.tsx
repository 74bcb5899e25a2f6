// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { AMERICAN, arrived, chartOf, fill, show } from '../../../tests/unit/render';
import { PickScreen } from './pick-screen';
import { loadPick } from './use-cases/load-pick';
import { WallSheet } from './wall-sheet';
import { WhatIf } from './what-if';
import { NO_NUDGE } from '@/core/choice';

let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

async function shown(
  units?: typeof AMERICAN,
  change: Partial<Parameters<typeof PickScreen>[0]> = {},
) {
  const ground = await loadPick(db, await outingOf(db, 'demo-slalom'));
  const screenShown = show(
    <PickScreen {...ground} serverNowMs={DAY.getTime()} {...change} />,
    units,
  );
  await arrived();
  return screenShown;
}
const chosen = () => screen.getByTestId('answer-product').textContent;

describe('the Pick screen', () => {
  it('says which wax first, then how sure it is and why', async () => {
    const { text } = await shown();
    expect(chosen()).not.toBe('');
    expect(screen.getByTestId('answer-how').textContent).toMatch(
      /^(As|In) .*coats?.*structure of [\d.]+ mm\.$/,
    );
    expect(screen.getByTestId('answer-cost').textContent).toMatch(
      /^Expected loss about [\d.]+\s(s|min).* nine times in ten under .*\. (Loses least on average\. )?Best of the shelf .*\.$/,
    );
    expect(screen.getByTestId('answer-next').textContent).toMatch(
      /^Next best: .+, [\d.]+\s(s|min).*\..*\.$/,
    );
    expect(screen.getByTestId('answer-snow').textContent).toMatch(/±/);
    expect(text()).toContain('Measured where the ski touches.');
  });

  it('asks why one takes another wax, and keeps the reason with the choice', async () => {
    const { user, text } = await shown();
    const best = chosen();
    const other = screen
      .getAllByRole('radio', { name: /^Take / })
      .find((radio) => radio.getAttribute('aria-label') !== `Take ${best}`)!;
    const taken = other.getAttribute('aria-label')!.replace('Take ', '');
    await user.click(other);
    await waitFor(() => expect(chosen()).toBe(taken));
    await user.click(screen.getByRole('button', { name: 'Save choice' }));
    await waitFor(() =>
      expect(text()).toContain(`Say why you choose ${taken} instead of ${best}.`),
    );
    await user.type(
      screen.getByRole('textbox', { name: `Why ${taken} instead of ${best}` }),
      'It won here',
    );
    await user.click(screen.getByRole('button', { name: 'Save choice' }));
    await waitFor(() => expect(text()).toContain('Choice saved.'));
    const [saved] = await listChoices(db, 'demo-slalom', 1);
    expect(saved).toMatchObject({ productName: taken });
    expect(saved!.details!.override).toMatchObject({ insteadOf: best, reason: 'It won here' });
    expect(saved!.lines[0]).toMatchObject({
      code: 'measured_at_base',
      message: saved!.lines[0]!.reason,
    });
  });

  it('writes every temperature in the units of the device', async () => {
    const { text } = await shown(AMERICAN);
    expect(screen.getByTestId('answer-snow').textContent).toMatch(/\d °F/);
    expect(text().match(/\d °F/g)!.length).toBeGreaterThan(10);
    expect(text()).not.toMatch(/\d °C/);
  });

  it('keeps the wrong distance out of the answer and says what is wrong', async () => {
    const { user, text } = await shown();
    const distance = screen.getByRole('textbox', { name: 'Distance' });
    await user.clear(distance);
    await user.type(distance, '9000');
    await waitFor(() => expect(text()).toContain('Distance must be a number from'));
    expect(text()).toContain('Fix the marked fields');
  });
});

describe('what stands beside the answer', () => {
  it('what being wrong would cost, were the day otherwise, with the best of each day', async () => {
    await shown();
    const table = within(screen.getByRole('table', { name: /^Extra loss over the best wax/ }));
    const rows = table.getAllByRole('row').slice(1);
    expect(rows.length).toBeGreaterThan(2);
    const cells = rows.map((row) =>
      within(row)
        .getAllByRole('cell')
        .map((one) => one.textContent),
    );
    for (let world = 1; world < cells[0]!.length; world += 1) {
      expect(cells.every((row) => /^(best|\+\d+\.\d\d\s% \(\d.*\ss\))$/.test(row[world]!))).toBe(
        true,
      );
    }
    expect(cells.some((row) => row[2] === 'best')).toBe(true);
  });

  it('the loss of the best waxes against the wax temperature, with today in its middle', async () => {
    await shown();
    const { data, layout } = chartOf(/^Expected glide loss/);
    expect(data[0]!.name).toBe(chosen());
    const [low, high] = layout.xaxis!.range as number[];
    const [band, today] = layout.shapes as unknown as { x0: number; x1: number }[];
    expect(today!.x0).toBeGreaterThan(low!);
    expect(today!.x0).toBeLessThan(high!);
    expect(band!.x0).toBeLessThan(today!.x0);
    expect(band!.x1).toBeGreaterThan(today!.x0);
    // Where it is today the wax that was chosen loses least of those drawn.
    const middle = Math.floor(data[0]!.y!.length / 2);
    const here = data.map(({ y }) => y![middle] as number);
    expect(here[0]!).toBeLessThanOrEqual(Math.min(...here) + 0.3);
  });

  it('what going by the air would have chosen', async () => {
    await shown();
    expect(screen.getByTestId('by-air').textContent).toMatch(
      /^Going by the air \(.*\) would choose (the same\.|.+: expected loss [\d.]+\s% \()/,
    );
  });

  it('the shelf by expected loss, each with its reason', async () => {
    await shown();
    const takes = screen.getAllByRole('radio', { name: /^Take / });
    expect(takes.length).toBeGreaterThan(5);
    expect(screen.getByRole<HTMLInputElement>('radio', { name: `Take ${chosen()}` }).checked).toBe(
      true,
    );
  });
});

describe('what if', () => {
  /** Snow temperature, humidity, sharpness, wetness, in this order. */
  const slider = (at: number) => screen.getAllByRole('slider')[at]!;

  it('moves the answer with the snow, and saves nothing until the sliders are back', async () => {
    const { user, text } = await shown();
    const before = chosen();
    slider(0).focus();
    await waitFor(async () => {
      await user.keyboard('{End}');
      expect(slider(0).getAttribute('aria-valuenow')).toBe(slider(0).getAttribute('aria-valuemax'));
    });
    await waitFor(() => expect(chosen()).not.toBe(before));
    expect(text()).toContain('A what-if cannot be saved. Reset the sliders first.');
    expect(screen.getByRole('button', { name: 'Save choice' })).toHaveProperty('disabled', true);
    await user.click(screen.getByRole('button', { name: 'Reset the sliders' }));
    await waitFor(() => expect(chosen()).toBe(before));
    expect(screen.getByRole('button', { name: 'Save choice' })).toHaveProperty('disabled', false);
  });

  it.each([
    ['°C', undefined, '+2.0 °C'],
    ['°F', AMERICAN, '+3.6 °F'],
  ])('says its difference in %s', (_, units, rendered) => {
    const nudge = { ...NO_NUDGE, temperatureK: 2, humidity: -0.1, wetnessSteps: 1 };
    const { text } = show(<WhatIf nudge={nudge} isNudged setNudge={vi.fn()} />, units);
    expect(text()).toContain(rendered);
    expect(text()).toContain('−10 %');
    expect(text()).toContain('1 wetter');
  });
});

describe('saving', () => {
  it('keeps the note, and says so once', async () => {
    const { text } = await shown();
    fill('Note for the log', 'Windy at the top');
    fireEvent.click(screen.getByRole('button', { name: 'Save choice' }));
    await waitFor(() => expect(text()).toContain('Choice saved.'));
    const [saved] = await listChoices(db, 'demo-slalom', 1);
    expect(saved).toMatchObject({ note: 'Windy at the top', productName: chosen() });
    fireEvent.click(screen.getByRole('button', { name: 'Close' }));
    await waitFor(() => expect(text()).not.toContain('Choice saved.'));
  });

  it('takes an own correction into the sum, and refuses one that is too large', async () => {
    const { text } = await shown();
    fill('Your own correction', '-3');
    await waitFor(() => expect(text()).toContain('−3.0'));
    fill('Your own correction', '40');
    await waitFor(() => expect(text()).toContain('Fix the marked fields'));
    const count = (await listChoices(db, 'demo-slalom', 50)).length;
    fireEvent.click(screen.getByRole('button', { name: 'Save choice' }));
    await waitFor(() => expect(screen.getAllByRole('alert').length).toBeGreaterThan(0));
    expect((await listChoices(db, 'demo-slalom', 50)).length).toBe(count);
  });
});

describe('a day without what a choice needs', () => {
  it('leads to the reading where there is neither reading nor outlook', async () => {
    const { text } = await shown(undefined, { reading: undefined, modelled: undefined });
    expect(text()).toContain('Measure the snow first.');
    expect(screen.getByRole('link', { name: 'Take a reading' }).getAttribute('href')).toBe(
      '/outing/demo-slalom/snow',
    );
  });

  it('leads to the shelf where no glide wax is on it', async () => {
    const { text } = await shown(undefined, { shelf: [] });
    expect(text()).toContain('The shelf is empty.');
    expect(screen.getByRole('link', { name: 'Go to the shelf' })).toBeTruthy();
  });
});

describe('the wall sheet', () => {
  const wall = async () => {
    const [outing, [choice]] = await Promise.all([
      outingOf(db, 'demo-slalom'),
      listChoices(db, 'demo-slalom', 1),
    ]);
    return { ...show(<WallSheet outing={outing} choice={choice} />), choice: choice! };
  };

  it('holds the wax, the snow, the layers and the structure of the saved choice', async () => {
    const { text, choice } = await wall();
    expect(text()).toContain(choice.productName);
    expect(text()).toContain(choice.details!.sentence);
    for (const layer of choice.details!.layerPlan.layers) expect(text()).toContain(layer.name);
    expect(text()).toContain(`${choice.details!.structure.widthMm} mm`);
  });

  it('is copied as text, and says so where the browser does not allow it', async () => {
    const { text, choice } = await wall();
    const written = vi.fn<(text: string) => Promise<void>>(() => Promise.resolve());
    vi.spyOn(navigator.clipboard, 'writeText').mockImplementation(written);
    fireEvent.click(screen.getByRole('button', { name: 'Copy as text' }));
    await waitFor(() => expect(text()).toContain('Copied as text.'));
    expect(written.mock.calls[0]![0]).toContain(choice.productName);
    written.mockRejectedValueOnce(new Error('denied'));
    fireEvent.click(screen.getByRole('button', { name: 'Copy as text' }));
    await waitFor(() => expect(text()).toContain('This browser does not allow copying.'));
    vi.restoreAllMocks();
  });

  it('leads to the choice where none is saved', async () => {
    const outing = await outingOf(db, 'demo-slalom');
    const { text } = show(<WallSheet outing={outing} choice={undefined} />);
    expect(text()).toContain('No choice is saved yet.');
    expect(screen.getByRole('link', { name: 'Choose the wax first' })).toBeTruthy();
  });
});
