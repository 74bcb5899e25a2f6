'use client';

import { afterPage } from '@/ui/frame/after-page';

/** The keys of every screen: nobody presses one before there is something to see. */
export const Shortcuts = afterPage(() => import('./frame-keys').then(({ FrameKeys }) => FrameKeys));
