'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { KeptGlideRun } from '@/core/model';
import { wallIso } from '@/core/time';
import { newWriteKey } from '@/ui/fields/write-key';
import { readDraft, writeDraft } from '@/ui/fields/draft-store';
import { addRunAction } from './actions';

/** Waited between two tries while the server does not answer. */
const AGAIN_MS = 5000;

/** A run that the server has not taken yet; `why` where it refused it. */
export interface WaitingRun extends KeptGlideRun {
  why?: string;
}

interface Queue {
  runs: WaitingRun[];
}

const placeOf = (testId: string) => `glide-runs:${testId}`;

/**
 * Runs that are entered and not with the server yet. They are kept on this device first, then sent in their order, each
 * with its own key, until the server has answered: a lost connection loses none and doubles none.
 */
export function useRuns(testId: string) {
  const [waiting, setWaiting] = useState<WaitingRun[]>([]);
  // The server has them; the page shows them until it brings them itself. It is not fetched anew for them: fetched
  // without a connection it would be lost.
  const [taken, setTaken] = useState<KeptGlideRun[]>([]);
  const loaded = useRef<WaitingRun[]>(undefined);
  const isSending = useRef(false);

  // What an earlier visit left comes before anything is added to it.
  const queued = useCallback(
    () => (loaded.current ??= readDraft<Queue>(placeOf(testId))?.runs ?? []),
    [testId],
  );
  const keep = useCallback(
    (runs: WaitingRun[]) => {
      loaded.current = runs;
      writeDraft(placeOf(testId), runs.length > 0 ? ({ runs } satisfies Queue) : undefined);
      setWaiting(runs);
    },
    [testId],
  );

  const send = useCallback(async () => {
    if (isSending.current) return;
    isSending.current = true;
    try {
      for (;;) {
        const next = queued().find(({ why }) => why === undefined);
        if (!next) break;
        const { id, testId: test, ski, value, ranAt } = next;
        const done = await addRunAction(id, { testId: test, ski, value, ranAt }).catch(
          () => undefined,
        );
        // No answer: it stays, and is sent again with the same key.
        if (!done) break;
        if (done.ok) setTaken((all) => [...all, next]);
        keep(
          done.ok
            ? queued().filter((run) => run.id !== id)
            : queued().map((run) => (run.id === id ? { ...run, why: done.error.message } : run)),
        );
      }
    } finally {
      isSending.current = false;
    }
  }, [keep, queued]);

  useEffect(() => {
    const start = setTimeout(() => {
      keep(queued());
      void send();
    });
    const again = setInterval(() => {
      if (queued().length > 0) void send();
    }, AGAIN_MS);
    const online = () => void send();
    window.addEventListener('online', online);
    return () => {
      clearTimeout(start);
      clearInterval(again);
      window.removeEventListener('online', online);
    };
  }, [keep, queued, send]);

  const add = (ski: string, value: number) => {
    const run = { id: newWriteKey(), testId, ski, value, ranAt: wallIso() };
    keep([...queued(), run]);
    void send();
  };
  const forget = (id: string) => setTaken((all) => all.filter((run) => run.id !== id));
  const drop = (id: string) => keep(queued().filter((run) => run.id !== id));
  const again = (id: string) => {
    keep(queued().map((run) => (run.id === id ? { ...run, why: undefined } : run)));
    void send();
  };
  return { waiting, taken, add, drop, forget, again };
}
