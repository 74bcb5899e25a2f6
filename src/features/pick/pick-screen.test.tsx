// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { loadTeamSettings } from '@/data/team-settings';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { AMERICAN, show } from '../../../tests/unit/render';
import { PickScreen } from './pick-screen';

let db: FrostDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});

async function shown(units?: typeof AMERICAN) {
  const outing = await outingOf(db, 'demo-slalom');
  const [[reading], shelf, team] = await Promise.all([
    listReadings(db, outing.id, 1),
    listProducts(db),
    loadTeamSettings(db),
  ]);
  return show(
    <PickScreen
      outing={outing}
      reading={reading}
      modelled={undefined}
      shelf={shelf}
      team={team}
      seen={undefined}
      serverNowMs={DAY.getTime()}
    />,
    units,
  );
}
const chosen = () => screen.getByTestId('answer-product').textContent;

describe('the Pick screen', () => {
  it('says which wax first, then how sure it is and why', async () => {
    const { text } = await shown();
    expect(chosen()).not.toBe('');
    expect(text()).toMatch(/Best of the shelf .*The snow is −[\d.]+ °C and asks for a wax of/);
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
