'use client';

import { useEffect, useRef, useState } from 'react';
import { choose, type ChoiceQuestion, type RobustChoice } from '@/core/choice';
import type { FailureReason } from '@/workers/failure';
import { NewestOnly } from '@/workers/newest-only';
import { choicePool } from '@/workers/pools';

interface Answer {
  choice?: RobustChoice;
  failure?: FailureReason;
}

/**
 * The choice for a question: the first at once, so that the page comes with its answer, every later one from a
 * worker. Without a question there is none.
 */
export function useChoice(question: ChoiceQuestion | undefined): Answer {
  const [first] = useState(() => ({ question, choice: question && choose(question) }));
  const [answer, setAnswer] = useState<Answer>({ choice: first.choice });
  const client = useRef<NewestOnly<ChoiceQuestion, RobustChoice>>(undefined);
  const asked = useRef(first.question);
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
