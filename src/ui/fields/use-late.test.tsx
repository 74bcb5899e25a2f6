// @vitest-environment happy-dom
import { act, renderHook, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useLate } from './use-late';

describe('what comes after the page', () => {
  it('is there once it is fetched, and is fetched once', async () => {
    const load = vi.fn(async () => ({ answer: 42 }));
    const { result, rerender } = renderHook(() => useLate(load));
    expect(result.current).toEqual({ isLost: false });
    await waitFor(() => expect(result.current.atHand).toEqual({ answer: 42 }));
    rerender();
    expect(load).toHaveBeenCalledTimes(1);
  });

  it('is lost where it cannot be fetched', async () => {
    const load = async (): Promise<object> => {
      throw new Error('out of reach');
    };
    const { result } = renderHook(() => useLate(load));
    await waitFor(() => expect(result.current).toEqual({ isLost: true }));
  });

  it('keeps what is wanted now, though what was wanted before comes after it', async () => {
    let give: (value: object) => void = () => undefined;
    const before = () =>
      new Promise<object>((resolve) => {
        give = resolve;
      });
    const now = async () => ({ answer: 'now' });
    const { result, rerender } = renderHook(({ load }) => useLate<object>(load), {
      initialProps: { load: before },
    });
    rerender({ load: now });
    await waitFor(() => expect(result.current.atHand).toEqual({ answer: 'now' }));
    await act(async () => give({ answer: 'before' }));
    expect(result.current.atHand).toEqual({ answer: 'now' });
  });
});
