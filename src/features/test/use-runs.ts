'use client';

import { useEffect, useState } from 'react';
import type { KeptGlideRun } from '@/core/model';
import { wallIso } from '@/core/time';
import { readDraft, writeDraft } from '@/ui/fields/draft-store';
import { newWriteKey } from '@/ui/fields/write-key';
import { outbox } from '@/ui/outbox/outbox';
import type { OutboxEntry } from '@/ui/outbox/outbox-store';
import { useOutbox, useSentSince } from '@/ui/outbox/use-outbox';
import { testScreenWords } from '@/words/screens/test';

const WORDS = testScreenWords.runEntry;

/** A run that the server has not taken yet; `why` where it refused it. */
export interface WaitingRun extends KeptGlideRun {
  why?: string;
}

type Input = Omit<KeptGlideRun, 'id'>;

const runOf = ({ key, input, why }: OutboxEntry): WaitingRun => ({
  id: key,
  ...(input as Input),
  why,
});

/** Keeps a run on this device; it is sent at once where the server answers. */
const keepRun = ({ id, testId, ski, value, ranAt }: KeptGlideRun): Promise<void> =>
  outbox.keep({
    kind: 'glide.run',
    key: id,
    input: { testId, ski, value, ranAt } satisfies Input,
    label: WORDS.runOf(ski, value),
    at: ranAt,
  });

/** Runs that an older version kept in another place go where all that waits is kept. */
async function takeOver(testId: string): Promise<void> {
  const place = `glide-runs:${testId}`;
  for (const run of readDraft<{ runs: KeptGlideRun[] }>(place)?.runs ?? []) await keepRun(run);
  writeDraft(place, undefined);
}

/**
 * Runs that are entered and not with the server yet. They are kept on this device first, then sent in their order, each
 * with its own key, until the server has answered: a lost connection loses none and doubles none.
 */
export function useRuns(testId: string) {
  const { entries } = useOutbox();
  const sent = useSentSince(testId);
  const [forgotten, setForgotten] = useState<ReadonlySet<string>>(new Set());
  const [unkept, setUnkept] = useState<readonly WaitingRun[]>([]);
  useEffect(() => {
    void takeOver(testId).catch(() => undefined);
  }, [testId]);
  const ofTest = (list: readonly OutboxEntry[]) =>
    list
      .filter(({ kind }) => kind === 'glide.run')
      .map(runOf)
      .filter((run) => run.testId === testId);
  const add = (run: KeptGlideRun) =>
    // Without a store on this device it stands in the list until it can be kept.
    void keepRun(run).catch(() => setUnkept((all) => [...all, { ...run, why: WORDS.cannotKeep }]));
  const turnOf = (id: string) => entries.find(({ key }) => key === id)?.turn;
  const withTurn = (id: string, act: (turn: number) => Promise<void>) => {
    const turn = turnOf(id);
    if (turn !== undefined) void act(turn);
    return turn !== undefined;
  };
  return {
    waiting: [...ofTest(entries), ...unkept],
    // The server has them; the page shows them until it brings them itself.
    taken: ofTest(sent).filter(({ id }) => !forgotten.has(id)),
    add: (ski: string, value: number) =>
      add({ id: newWriteKey(), testId, ski, value, ranAt: wallIso() }),
    drop: (id: string) => {
      if (!withTurn(id, (turn) => outbox.delete(turn))) {
        setUnkept((all) => all.filter((run) => run.id !== id));
      }
    },
    forget: (id: string) => setForgotten((all) => new Set([...all, id])),
    again: (id: string) => {
      const run = unkept.find((one) => one.id === id);
      if (run) {
        setUnkept((all) => all.filter((one) => one !== run));
        add(run);
      } else withTurn(id, (turn) => outbox.again(turn));
    },
  };
}
