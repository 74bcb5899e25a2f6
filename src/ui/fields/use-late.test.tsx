// @vitest-environment happy-dom
import { renderHook, waitFor } from '@testing-library/react';
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

  it('puts nothing into a screen that is gone', async () => {
    let give: (value: object) => void = () => undefined;
    const load = () =>
      new Promise<object>((resolve) => {
        give = resolve;
      });
    const { result, unmount } = renderHook(() => useLate(load));
    unmount();
    give({});
    await Promise.resolve();
    expect(result.current).toEqual({ isLost: false });
  });
});
