'use client';

import { useState } from 'react';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { Shortcut } from '@/ui/keys/shortcut';
import { BESIDE, hrefOf, WORKING_ORDER } from './rail-items';

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
  const save = () => document.querySelector<HTMLFormElement>('main form')?.requestSubmit();
  return (
    <>
      <Shortcut name="help" act={() => setIsOpen(true)} />
      <Shortcut name="newOuting" act={() => router.push('/outing/new')} />
      <Shortcut name="save" act={save} />
      {SCREENS.map((item) => (
        <Shortcut
          key={item.path}
          name={item.path}
          act={() => router.push(hrefOf(item, outingId))}
        />
      ))}
      {isOpen && <KeyList onClose={() => setIsOpen(false)} />}
    </>
  );
}
