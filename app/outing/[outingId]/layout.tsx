import type { ReactNode } from 'react';
import { notFound } from 'next/navigation';
import { database, storageHealth } from '@/data/database';
import { Frame } from '@/features/frame/frame';
import { loadFrame } from '@/features/frame/load-frame';
import { words } from '@/words';
import { StorageNotice } from '@/ui/frame/storage-notice';
import { nowMs } from '@/server/clock';
import { readable } from '@/server/readable';

export const dynamic = 'force-dynamic';

interface OutingLayoutProps {
  params: Promise<{ outingId: string }>;
  children: ReactNode;
}

async function OutingLayout({ params, children }: OutingLayoutProps) {
  const health = storageHealth();
  const data = await loadFrame(database(), (await params).outingId);
  if (!data) notFound();
  return (
    <Frame data={data} serverNowMs={nowMs()}>
      {!health.isWritable && <StorageNotice message={words.mistakes.FAULT[health.code]} />}
      {children}
    </Frame>
  );
}

export default readable(OutingLayout);
