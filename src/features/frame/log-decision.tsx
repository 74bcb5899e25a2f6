'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { NO_ANSWER } from '@/ui/fields/answer';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { frameScreenWords } from '@/words/screens/frame';
import { goOnAction } from './actions';

const WORDS = frameScreenWords.logDecision;

/** Lets a person decide to go on with what can be read of a database without its log. */
export function LogDecision() {
  const router = useRouter();
  const [isBusy, setIsBusy] = useState(false);
  const [kept, setKept] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const goOn = async () => {
    setIsBusy(true);
    const done = await goOnAction().catch(() => NO_ANSWER);
    setIsBusy(false);
    setProblem(done.ok ? undefined : done.error.message);
    if (!done.ok) return;
    setKept(done.value.kept);
    router.refresh();
  };
  return (
    <>
      {kept === undefined && (
        <ActionButton mt="2" loading={isBusy} onClick={() => void goOn()}>
          {WORDS.goOn}
        </ActionButton>
      )}
      <Text textStyle="body" role="status" overflowWrap="anywhere">
        {kept === undefined ? '' : WORDS.kept(kept)}
      </Text>
      <FieldProblemText problem={problem} />
    </>
  );
}
