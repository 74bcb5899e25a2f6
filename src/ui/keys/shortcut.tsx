'use client';

import { afterPage } from '../frame/after-page';

/**
 * A key of the registry that does something; for a screen where each press counts, see {@link useShortcut}. It comes
 * after the page.
 */
export const Shortcut = afterPage(() => import('./listener').then(({ Listener }) => Listener));
