'use client';

import { useEffect, useRef, useState } from 'react';
import type { ChoiceQuestion, RobustChoice } from '@/core/choice';
import type { FailureReason } from '@/workers/failure';
import { NewestOnly } from '@/workers/newest-only';
import { choicePool } from '@/workers/pools';

interface Answer {
  choice?: RobustChoice;
  failure?: FailureReason;
}

/**
 * The choice for a question: the first comes with the page, every later one from a worker. Without a question
 * there is none.
 */
export function useChoice(
  question: ChoiceQuestion | undefined,
  first: RobustChoice | undefined,
): Answer {
  const [answer, setAnswer] = useState<Answer>({ choice: first });
  const client = useRef<NewestOnly<ChoiceQuestion, RobustChoice>>(undefined);
  const asked = useRef(first && question);
  useEffect(() => {
    if (!question || question === asked.current) return;
    asked.current = question;
    client.current ??= new NewestOnly(choicePool(), {
      answer: (choice) => setAnswer({ choice }),
      failed: (reason) => setAnswer({ failure: reason }),
    });
    client.current.ask(question);
  }, [question]);
  useEffect(
    () => () => {
      client.current?.close();
      client.current = undefined;
    },
    [],
  );
  return question ? answer : {};
}
