'use client';

import { useEffect, useRef, useState } from 'react';
import { choose, type ChoiceQuestion, type RobustChoice } from '@/core/choice';
import { choiceClient, type ChoiceClient } from '@/workers/choice-client';

interface Answer {
  choice?: RobustChoice;
  problem?: string;
}

/**
 * The choice for a question: the first at once, so that the page comes with its answer, every later one from a
 * worker. Without a question there is none.
 */
export function useChoice(question: ChoiceQuestion | undefined): Answer {
  const [first] = useState(() => ({ question, choice: question && choose(question) }));
  const [answer, setAnswer] = useState<Answer>({ choice: first.choice });
  const client = useRef<ChoiceClient>(undefined);
  const asked = useRef(first.question);
  useEffect(() => {
    if (!question || question === asked.current) return;
    asked.current = question;
    client.current ??= choiceClient({
      answer: (choice) => setAnswer({ choice }),
      problem: (problem) => setAnswer({ problem }),
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
