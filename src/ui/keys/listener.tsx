'use client';

import type { ShortcutProps } from './registry';
import { useShortcut } from './use-shortcut';

/** Listens to one key, and shows nothing. */
export function Listener({ name, act }: ShortcutProps) {
  useShortcut(name, act);
  return null;
}
