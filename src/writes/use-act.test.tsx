// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import { ActionButton } from '@/ui/fields/action-button';
import { KEPT } from '@/ui/fields/answer';
import { show } from '../../tests/unit/render';
import { act } from './act';
import { ActNotice } from './act-notice';
import { useAct } from './use-act';

vi.mock('./act', () => ({ act: vi.fn() }));
const server = vi.mocked(act) as unknown as ReturnType<typeof vi.fn>;
const settled = vi.fn();
beforeEach(() => {
  server.mockReset();
  settled.mockReset();
});

function Notes() {
  const acts = useAct();
  const write = () =>
    acts.write(
      'note.write',
      { outingId: 'relay', words: 'Wind' },
      { said: () => 'Saved.', undo: ({ id }) => ['note.remove', { id }], undone: 'Gone.', settled },
    );
  return (
    <>
      <ActionButton onClick={() => void write()}>Write</ActionButton>
      <ActNotice acts={acts} />
    </>
  );
}
const press = async (user: ReturnType<typeof show>['user'], name: string) =>
  user.click(await screen.findByRole('button', { name }));
const refused = (message: string) => ({
  ok: false,
  error: { code: 'conflict', message, details: [] },
});

it('says what was done, and undoes it by the write that undoes it', async () => {
  const { user, text } = show(<Notes />);
  server.mockResolvedValue({ ok: true, value: { id: 'n1' } });
  await press(user, 'Write');
  await screen.findByText('Saved.');
  expect(settled).toHaveBeenCalledTimes(1);
  await press(user, 'Undo');
  await screen.findByText('Gone.');
  expect(server.mock.calls.map(([name, , input]) => [name, input])).toEqual([
    ['note.write', { outingId: 'relay', words: 'Wind' }],
    ['note.remove', { id: 'n1' }],
  ]);
  expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
  await press(user, 'Close');
  expect(text()).not.toContain('Gone.');
});

it('whose answer was lost is sent again by the same key; once it is known, the next is another one', async () => {
  const { user } = show(<Notes />);
  server.mockRejectedValueOnce(new Error('no network'));
  await press(user, 'Write');
  await screen.findByRole('alert');
  expect(settled).not.toHaveBeenCalled();
  server.mockResolvedValue({ ok: true, value: { id: 'n1' } });
  await press(user, 'Write');
  await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
  await press(user, 'Write');
  await waitFor(() => expect(server).toHaveBeenCalledTimes(3));
  const [lost, again, next] = server.mock.calls.map(([, key]) => String(key));
  expect(again).toBe(lost);
  expect(next).not.toBe(lost);
});

it('that is refused says why, and keeps the way back of what was done before', async () => {
  const { user } = show(<Notes />);
  server.mockResolvedValueOnce({ ok: true, value: { id: 'n1' } });
  await press(user, 'Write');
  await screen.findByText('Saved.');
  server.mockResolvedValueOnce(refused('Somebody deleted it.'));
  await press(user, 'Undo');
  expect((await screen.findByRole('alert')).textContent).toBe('Somebody deleted it.');
  expect(screen.getByRole('button', { name: 'Undo' })).toBeTruthy();
});

it('that waits on this device is no problem, and counts as settled', async () => {
  const { user } = show(<Notes />);
  server.mockResolvedValueOnce(KEPT);
  await press(user, 'Write');
  await waitFor(() => expect(screen.getByTestId('kept-here').textContent).not.toBe(''));
  expect(screen.queryByRole('alert')).toBeNull();
  expect(settled).toHaveBeenCalledTimes(1);
});
