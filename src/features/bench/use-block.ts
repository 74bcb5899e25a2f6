'use client';

import { startTransition, useState } from 'react';
import { useRouter } from 'next/navigation';
import { useTicks } from '@/ui/fields/use-ticks';
import { useWrite } from '@/ui/fields/use-write';
import { useShortcut } from '@/ui/keys/use-shortcut';
import { wallIso } from '@/core/time';
import { isKept } from '@/ui/fields/answer';
import { useOutbox } from '@/ui/outbox/use-outbox';
import { benchScreenWords } from '@/words/screens/bench';
import { actOrKeep } from '@/writes/act-or-keep';
import type { BlockNow, BlockPair } from './block-now';

const WORDS = benchScreenWords.block;

export const keyOfPair = ({ pairId, index }: Pick<BlockPair, 'pairId' | 'index'>) =>
  `${pairId}:${index}`;

type Ticked = Pick<BlockPair, 'pairId' | 'index' | 'skiName'>;

/** A block as one job: a tick a pair, the last one taken back, and what was said of it. */
export function useBlock(block: BlockNow | undefined) {
  const router = useRouter();
  const { send } = useWrite();
  const [said, setSaid] = useState<{ text: string; isProblem: boolean }>();
  const [last, setLast] = useState<readonly Ticked[]>([]);
  // Pairs of this block and of the one just finished: the last tick of a block can be taken back too.
  const known = new Map([...last, ...(block?.pairs ?? [])].map((pair) => [keyOfPair(pair), pair]));
  const { ticked, tick } = useTicks(async (key, isOn) => {
    const { pairId, index, skiName } = known.get(key)!;
    const input = { pairId, index, isBack: !isOn };
    const done = await send(`tick:${key}:${isOn}:${last.length}`, (writeKey) => {
      const label = (isOn ? WORDS.ticked : WORDS.unticked)(skiName);
      return actOrKeep('job.tick', input, { key: writeKey, label, at: wallIso() });
    });
    if (!done) return;
    const isHere = isKept(done);
    startTransition(() => {
      setSaid(
        done.ok
          ? { text: (isOn ? WORDS.ticked : WORDS.unticked)(skiName), isProblem: false }
          : { text: done.error.message, isProblem: !isHere },
      );
      if (done.ok || isHere) {
        setLast((all) => {
          const others = all.filter((one) => keyOfPair(one) !== key);
          return isOn ? [...others, { pairId, index, skiName }] : others;
        });
      }
      // Also where it was refused: another device may be further on.
      if (!done.ok && !isHere) router.refresh();
    });
  });
  const { entries } = useOutbox();
  const kept = new Map(
    entries
      .filter(({ kind, why }) => kind === 'job.tick' && why === undefined)
      .map(({ input }) => input as BlockPair & { isBack: boolean })
      .map((input) => [keyOfPair(input), !input.isBack]),
  );
  const isDone = (pair: BlockPair) => {
    const key = keyOfPair(pair);
    return ticked(key) ?? kept.get(key) ?? ['waiting', 'done'].includes(pair.state);
  };
  const latest = last.at(-1);
  const back = () => latest && tick(keyOfPair(latest), false);
  useShortcut('stepBack', back);
  return {
    said,
    isDone,
    tick: (pair: BlockPair, isOn: boolean) => tick(keyOfPair(pair), isOn),
    next: block?.pairs.find((pair) => !isDone(pair)),
    latest,
    back,
  };
}
