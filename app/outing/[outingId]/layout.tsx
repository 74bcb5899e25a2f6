import { Suspense, type ReactNode } from 'react';
import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { Frame } from '@/features/frame/frame';
import { AtStart, AtStartPlace } from '@/features/frame/at-start';
import { loadAtStart, loadFrame, type FrameData } from '@/features/frame/load-frame';
import { nowMs } from '@/server/clock';
import { live } from '@/server/live';
import { readable } from '../../readable';

export const dynamic = 'force-dynamic';

interface OutingLayoutProps {
  params: Promise<{ outingId: string }>;
  children: ReactNode;
}

/** Comes when the outlook is there; the frame does not wait for it. */
async function LaterAtStart({ data }: { data: FrameData }) {
  return <AtStart day={await loadAtStart(callersDatabase(), data)} />;
}

async function OutingLayout({ params, children }: OutingLayoutProps) {
  // Before anything is read: what changes from here on is told to the page.
  const changes = live().state();
  const data = await loadFrame(callersDatabase(), (await params).outingId);
  if (!data) notFound();
  return (
    <Frame
      data={data}
      serverNowMs={nowMs()}
      live={changes}
      atStart={
        <Suspense fallback={<AtStartPlace />}>
          <LaterAtStart data={data} />
        </Suspense>
      }
    >
      {children}
    </Frame>
  );
}

export default readable(OutingLayout);
