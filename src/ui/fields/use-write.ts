'use client';

import { useRef, useState } from 'react';
import { NO_ANSWER, type Answer } from './answer';
import { newWriteKey } from './write-key';

/**
 * Sends writes, one at a time. `what` names the intention, such as `withdraw:ID`: while one is under way a
 * second click is dropped, and when its answer was lost, sending it again carries the same key, so that it is
 * done once. Gives undefined for a click that was dropped.
 */
export function useWrite() {
  const keys = useRef(new Map<string, string>());
  const isUnderWay = useRef(false);
  const [isBusy, setIsBusy] = useState(false);
  const send = async <R>(
    what: string,
    action: (key: string) => Promise<Answer<R>>,
  ): Promise<Answer<R> | undefined> => {
    if (isUnderWay.current) return undefined;
    isUnderWay.current = true;
    setIsBusy(true);
    const key = keys.current.get(what) ?? newWriteKey();
    keys.current.set(what, key);
    try {
      const answer = await action(key);
      keys.current.delete(what);
      return answer;
    } catch {
      return NO_ANSWER;
    } finally {
      isUnderWay.current = false;
      setIsBusy(false);
    }
  };
  return { send, isBusy };
}
