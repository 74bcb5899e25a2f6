'use client';

import { useHotkeys } from 'react-hotkeys-hook';
import { isTyping } from '../fields/is-typing';
import { SHORTCUTS, type ShortcutName } from './registry';

interface ShortcutOptions {
  /** A button, link or field that has the focus keeps the key for itself. */
  leaveToControls?: boolean;
}

const isOnControl = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest('button, a, summary, input') !== null;

/** Does something when a key of the registry is pressed, unless one is typing; a chord is heard in fields too. */
export function useShortcut(
  name: ShortcutName,
  act: () => void,
  { leaveToControls = false }: ShortcutOptions = {},
): void {
  const { key } = SHORTCUTS[name];
  const isChord = key.includes('+');
  useHotkeys(key, act, {
    // What the key writes counts, so that `?` is the same on every layout.
    useKey: key.length === 1,
    ignoreModifiers: key.length === 1,
    enableOnFormTags: true,
    preventDefault: true,
    ignoreEventWhen: (event) =>
      !isChord &&
      (event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        isTyping(event.target) ||
        (leaveToControls && isOnControl(event.target))),
  });
}
