'use client';

import type { ReactNode } from 'react';
import { ChakraProvider } from '@chakra-ui/react';
import { ThemeProvider } from 'next-themes';
import { UnitsProvider } from '../format/units-context';
import type { Units } from '../../words/units';
import { EmotionRegistry } from './emotion-registry';
import { system } from './system';

interface AppProviderProps {
  units: Units;
  /** Of this answer's scripts; see host/headers.mjs. */
  nonce: string | undefined;
  children: ReactNode;
}

/** Theme, light or dark, and the units of this device. */
export function AppProvider({ units, nonce, children }: AppProviderProps) {
  return (
    <EmotionRegistry>
      <ChakraProvider value={system}>
        <ThemeProvider attribute="class" disableTransitionOnChange nonce={nonce}>
          <UnitsProvider units={units}>{children}</UnitsProvider>
        </ThemeProvider>
      </ChakraProvider>
    </EmotionRegistry>
  );
}
