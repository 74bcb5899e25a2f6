'use client';

import { useState } from 'react';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useShortcut } from '@/ui/keys/use-shortcut';
import { BESIDE, hrefOf, WORKING_ORDER, type RailItem } from './rail-items';

/** Few open it, and its dialog is not small: it comes when it is asked for. */
const KeyList = dynamic(() => import('./key-list').then(({ KeyList: list }) => list), {
  ssr: false,
  loading: () => null,
});

const SCREENS = [...WORKING_ORDER, ...BESIDE];

/** Single-key shortcuts, and the list of them under `?`. */
export function Shortcuts({ outingId }: { outingId: string }) {
  const router = useRouter();
  const [isOpen, setIsOpen] = useState(false);
  useShortcut('help', () => setIsOpen(true));
  useShortcut('newOuting', () => router.push('/outing/new'));
  useShortcut('save', () => document.querySelector<HTMLFormElement>('main form')?.requestSubmit());
  return (
    <>
      {SCREENS.map((item) => (
        <ScreenKey key={item.path} item={item} outingId={outingId} />
      ))}
      {isOpen && <KeyList onClose={() => setIsOpen(false)} />}
    </>
  );
}

/** The key of one screen. */
function ScreenKey({ item, outingId }: { item: RailItem; outingId: string }) {
  const router = useRouter();
  useShortcut(item.path, () => router.push(hrefOf(item, outingId)));
  return null;
}
