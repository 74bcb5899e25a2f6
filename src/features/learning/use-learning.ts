'use client';

import { useState } from 'react';
import { useWrite } from '@/ui/fields/use-write';
import type { Done } from '@/ui/frame/done-notice';
import { learningScreenWords } from '@/words/screens/learning';
import { act } from '@/writes/act';

const WORDS = learningScreenWords.learning;

/** How a change is undone: a result counts again or not, or what was forgotten comes back. */
export type Back =
  { kind: 'result'; id: string; isExcluded: boolean } | { kind: 'forget'; sinceAt: string | null };

/** Leaving results out and forgetting, each with its undo. */
export function useLearning() {
  const [notice, setNotice] = useState<Done<Back>>();
  const { send, isBusy } = useWrite();
  const tell = (
    done: { ok: boolean; error?: { message: string } } | undefined,
    said: Done<Back>,
  ) => {
    if (done) setNotice(done.ok ? said : { message: done.error!.message });
  };
  const exclude = async (id: string, isExcluded: boolean) => {
    const done = await send(`exclude:${id}:${isExcluded}`, (key) =>
      act('learning.exclude', key, { id, isExcluded }),
    );
    tell(done, {
      message: isExcluded ? WORDS.left : WORDS.back,
      back: { kind: 'result', id, isExcluded: !isExcluded },
    });
  };
  const forget = async () => {
    const done = await send('forget', (key) => act('learning.forget', key, {}));
    if (!done) return;
    setNotice(
      done.ok
        ? { message: WORDS.forgotten, back: { kind: 'forget', sinceAt: done.value.sinceAt } }
        : { message: done.error.message },
    );
  };
  const remember = async (sinceAt: string | null) => {
    const done = await send('remember', (key) => act('learning.remember', key, { sinceAt }));
    tell(done, { message: WORDS.remembered });
  };
  return {
    notice,
    isBusy,
    exclude,
    forget,
    remember,
    undo: (back: Back) =>
      back.kind === 'result' ? exclude(back.id, back.isExcluded) : remember(back.sinceAt),
    close: () => setNotice(undefined),
  };
}
