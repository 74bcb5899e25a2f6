import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { headers } from 'next/headers';
import { clockShiftMs } from '@/core/time';
import { languageScript } from '@/server/language-script';
import { readersUnits } from '@/server/readers-units';
import { fontNames } from '@/ui/theme/font';
import { AppProvider } from '@/ui/theme/provider';
import { languageTag } from '@/words/locale';
import { pagesScreenWords } from '@/words/screens/pages';
import { StorageState } from './storage-state';

const WORDS = pagesScreenWords.layout;

export const generateMetadata = (): Metadata => ({
  title: { default: WORDS.frostPick, template: WORDS.sFrostPick },
  description: WORDS.description,
});

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const units = await readersUnits();
  const policy = (await headers()).get('content-security-policy') ?? '';
  const nonce = /'nonce-([^']+)'/.exec(policy)?.[1];
  const tag = languageTag();
  const words = languageScript(tag);
  return (
    <html
      lang={tag}
      className={fontNames}
      data-clock-shift-ms={clockShiftMs() || undefined}
      suppressHydrationWarning
    >
      <head>
        {/* It holds the parser up: what the app starts with stands in the body, so the words are there before it. */}
        {/* eslint-disable-next-line @next/next/no-sync-scripts -- a later script would lose that race */}
        {words && <script src={words} nonce={nonce} />}
      </head>
      <body>
        <AppProvider units={units} nonce={nonce}>
          <StorageState />
          {children}
        </AppProvider>
      </body>
    </html>
  );
}
