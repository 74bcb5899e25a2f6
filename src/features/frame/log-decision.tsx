'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { ActionButton } from '@/ui/fields/action-button';
import { NO_ANSWER } from '@/ui/fields/answer';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { StorageNotice } from '@/ui/frame/storage-notice';
import { frameScreenWords } from '@/words/screens/frame';
import { goOnAction } from './actions';

const WORDS = frameScreenWords.logDecision;

interface LogDecisionProps {
  /** Why nothing can be saved; undefined while all is well. */
  problem: string | undefined;
  /** Whether who looks may go on with what can be read of a database without its log. */
  mayDecide: boolean;
}

/** Why nothing can be saved, with the decision to go on; afterwards where the files as they were are kept. */
export function LogDecision({ problem, mayDecide }: LogDecisionProps) {
  const router = useRouter();
  const [isBusy, setIsBusy] = useState(false);
  const [kept, setKept] = useState<string>();
  const [failure, setFailure] = useState<string>();
  const goOn = async () => {
    setIsBusy(true);
    const done = await goOnAction().catch(() => NO_ANSWER);
    setIsBusy(false);
    setFailure(done.ok ? undefined : done.error.message);
    if (!done.ok) return;
    setKept(done.value.kept);
    router.refresh();
  };
  return (
    <>
      {problem && (
        <StorageNotice message={problem}>
          {mayDecide && (
            <ActionButton mt="2" loading={isBusy} onClick={() => void goOn()}>
              {WORDS.goOn}
            </ActionButton>
          )}
          <FieldProblemText problem={failure} />
        </StorageNotice>
      )}
      {kept && (
        <StorageNotice message={WORDS.kept(kept)}>
          <ActionButton mt="2" quiet onClick={() => setKept(undefined)}>
            {WORDS.close}
          </ActionButton>
        </StorageNotice>
      )}
    </>
  );
}
