'use client';

import { useCallback, useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();
const notify = () => listeners.forEach((listener) => listener());
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/**
 * A form's values as typed, kept on this device until cleared, so that leaving a form loses
 * nothing. Undefined on the server and where nothing was typed.
 */
export function useDraft<T extends object>(key: string) {
  const storageKey = `frost-draft:${key}`;
  const text = useSyncExternalStore(
    subscribe,
    () => {
      try {
        return localStorage.getItem(storageKey);
      } catch {
        return null;
      }
    },
    () => null,
  );
  const write = useCallback(
    (draft: T | undefined) => {
      try {
        if (draft === undefined) localStorage.removeItem(storageKey);
        else localStorage.setItem(storageKey, JSON.stringify(draft));
      } catch {
        // A full or forbidden store costs the draft only.
      }
      notify();
    },
    [storageKey],
  );
  return { draft: parseDraft<T>(text), write };
}

function parseDraft<T>(text: string | null): T | undefined {
  if (!text) return undefined;
  try {
    return JSON.parse(text) as T;
  } catch {
    return undefined;
  }
}
