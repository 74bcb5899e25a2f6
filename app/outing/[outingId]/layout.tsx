import type { ReactNode } from 'react';
import { notFound } from 'next/navigation';
import { database } from '@/data/database';
import { Frame } from '@/features/frame/frame';
import { loadFrame } from '@/features/frame/load-frame';
import { nowMs } from '@/server/clock';

export const dynamic = 'force-dynamic';

interface OutingLayoutProps {
  params: Promise<{ outingId: string }>;
  children: ReactNode;
}

export default async function OutingLayout({ params, children }: OutingLayoutProps) {
  const data = await loadFrame(database(), (await params).outingId);
  if (!data) notFound();
  return (
    <Frame data={data} serverNowMs={nowMs()}>
      {children}
    </Frame>
  );
}
