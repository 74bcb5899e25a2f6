import type { ReactNode } from 'react';
import { notFound } from 'next/navigation';
import { database } from '@/data/database';
import { Frame } from '@/features/frame/frame';
import { loadFrame } from '@/features/frame/load-frame';

export const dynamic = 'force-dynamic';

interface OutingLayoutProps {
  params: Promise<{ outingId: string }>;
  children: ReactNode;
}

export default async function OutingLayout({ params, children }: OutingLayoutProps) {
  const data = await loadFrame(database(), (await params).outingId);
  if (!data) notFound();
  return (
    // eslint-disable-next-line react-hooks/purity -- the server's clock of this request
    <Frame data={data} serverNowMs={Date.now()}>
      {children}
    </Frame>
  );
}
