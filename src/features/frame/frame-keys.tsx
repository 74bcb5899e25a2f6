'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { afterPage } from '@/ui/frame/after-page';
import { Listener } from '@/ui/keys/listener';
import { screenHref } from '@/core/model/screens';
import { BESIDE, WORKING_ORDER } from './rail-items';

/** Few open it, and its dialog is not small: it comes when it is asked for. */
const KeyList = afterPage(() => import('./key-list').then(({ KeyList: list }) => list));

const WITH_KEY = [...WORKING_ORDER, ...BESIDE];

/** Single-key shortcuts, and the list of them under `?`. */
export function FrameKeys({ outingId }: { outingId: string }) {
  const router = useRouter();
  const [isOpen, setIsOpen] = useState(false);
  const save = () => document.querySelector<HTMLFormElement>('main form')?.requestSubmit();
  return (
    <>
      <Listener name="help" act={() => setIsOpen(true)} />
      <Listener name="newOuting" act={() => router.push('/outing/new')} />
      <Listener name="save" act={save} />
      {WITH_KEY.map((item) => (
        <Listener
          key={item.path}
          name={item.path}
          act={() => router.push(screenHref(item.path, outingId))}
        />
      ))}
      {isOpen && <KeyList onClose={() => setIsOpen(false)} />}
    </>
  );
}
