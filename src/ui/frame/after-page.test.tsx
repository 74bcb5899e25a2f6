// @vitest-environment happy-dom
import { act, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { afterPage } from './after-page';

it('keeps the place of a part, and fetches its program only once the page stands', async () => {
  const load = vi.fn(() => Promise.resolve(({ word }: { word: string }) => <p>{word}</p>));
  const Part = afterPage(load, () => <p>its place</p>);
  act(() => {
    render(<Part word="the part" />);
  });
  expect(screen.getByText('its place')).toBeTruthy();
  expect(load).not.toHaveBeenCalled();
  expect(await screen.findByText('the part')).toBeTruthy();
  expect(screen.queryByText('its place')).toBeNull();
  render(<Part word="once more" />);
  expect(await screen.findByText('once more')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(1);
});

it('fetches nothing for a page that was left at once', async () => {
  const load = vi.fn(() => Promise.resolve(() => <p>the part</p>));
  const Part = afterPage(load);
  const { unmount } = render(<Part />);
  unmount();
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(load).not.toHaveBeenCalled();
});
