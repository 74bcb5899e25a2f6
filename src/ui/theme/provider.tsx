'use client';

import { use, type ReactNode } from 'react';
import { ChakraProvider } from '@chakra-ui/react';
import { ThemeProvider } from 'next-themes';
import { UnitsProvider } from '../format/units-context';
import { localeTag } from '../../words/locale';
import type { Units } from '../../words/units';
import { readTables } from '../../workers/tables';
import { EmotionRegistry } from './emotion-registry';
import { takeClock } from './page-clock';
import { isPageStyled } from './styles-in-page';
import { system, systemOfParts } from './system';

takeClock();

/** A tab that nobody sees is never painted. */
const UNSEEN_MS = 200;

const painted = () =>
  new Promise<void>((resolve) => {
    const afterPaint = () => setTimeout(resolve);
    requestAnimationFrame(afterPaint);
    setTimeout(afterPaint, UNSEEN_MS);
  });

/** In the browser the theme has a task of its own, after the page that came from the server was painted. */
const inBrowser =
  typeof window === 'undefined'
    ? undefined
    : painted().then(() => (isPageStyled() ? systemOfParts() : system()));
if (inBrowser) readTables(localeTag());

interface AppProviderProps {
  units: Units;
  /** Of this answer's scripts; see host/headers.mjs. */
  nonce: string | undefined;
  children: ReactNode;
}

/** Theme, light or dark, and the units of this device. */
export function AppProvider({ units, nonce, children }: AppProviderProps) {
  const theme = inBrowser ? use(inBrowser) : system();
  return (
    <EmotionRegistry>
      <ChakraProvider value={theme}>
        <ThemeProvider attribute="class" nonce={nonce}>
          <UnitsProvider units={units}>{children}</UnitsProvider>
        </ThemeProvider>
      </ChakraProvider>
    </EmotionRegistry>
  );
}
