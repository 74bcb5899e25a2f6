'use client';

import dynamic from 'next/dynamic';
import type { ShortcutProps } from './registry';

/** What listens comes after the page: nobody presses a key before there is something to see. */
const Listener = dynamic(() => import('./listener').then((module) => module.Listener), {
  ssr: false,
  loading: () => null,
});

/** A key of the registry that does something; for a screen where each press counts, see {@link useShortcut}. */
export function Shortcut(props: ShortcutProps) {
  return <Listener {...props} />;
}
