import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { cookies, headers } from 'next/headers';
import '@fontsource-variable/archivo/wght.css';
import { UNITS_COOKIE, unitsFromCookie } from '@/ui/format/units';
import { AppProvider } from '@/ui/theme/provider';

export const metadata: Metadata = {
  title: { default: 'Frost Pick', template: '%s · Frost Pick' },
  description: 'From a look at the snow to waxed skis on the start line',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const units = unitsFromCookie((await cookies()).get(UNITS_COOKIE)?.value);
  const policy = (await headers()).get('content-security-policy') ?? '';
  const nonce = /'nonce-([^']+)'/.exec(policy)?.[1];
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <AppProvider units={units} nonce={nonce}>
          {children}
        </AppProvider>
      </body>
    </html>
  );
}
