import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { headers } from 'next/headers';
import { readersUnits } from '@/server/readers-units';
import { fontNames } from '@/ui/theme/font';
import { AppProvider } from '@/ui/theme/provider';
import { languageTag } from '@/words/spoken';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.layout;

export const metadata: Metadata = {
  title: { default: WORDS.frostPick, template: WORDS.sFrostPick },
  description: WORDS.fromALookAtThe,
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const units = await readersUnits();
  const policy = (await headers()).get('content-security-policy') ?? '';
  const nonce = /'nonce-([^']+)'/.exec(policy)?.[1];
  return (
    <html lang={languageTag()} className={fontNames} suppressHydrationWarning>
      <body>
        <AppProvider units={units} nonce={nonce}>
          {children}
        </AppProvider>
      </body>
    </html>
  );
}
