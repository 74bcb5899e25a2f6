'use client';

import { useState } from 'react';
import { Text } from '@chakra-ui/react';
import { NO_ANSWER } from '@/ui/fields/answer';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { Part } from '@/ui/frame/sheet';
import { settingsScreenWords } from '@/words/screens/settings';
import { dayAndTime } from '@/words/times';
import { copyNowAction } from './actions';
import type { ListedCopy } from './use-cases/copies';

const WORDS = settingsScreenWords.copies;
const SHOWN = 5;

/** Copies of all data: one a day by itself, one now by a press, and how to bring one back. */
export function CopiesPart({
  copies,
  timeZone,
}: {
  copies: readonly ListedCopy[];
  timeZone: string;
}) {
  const [isBusy, setIsBusy] = useState(false);
  const [said, setSaid] = useState<{ text: string; isProblem: boolean }>();
  const copy = async () => {
    setIsBusy(true);
    const done = await copyNowAction().catch(() => NO_ANSWER);
    setIsBusy(false);
    setSaid(
      done.ok
        ? { text: WORDS.copied(done.value.name, done.value.bytes), isProblem: false }
        : { text: done.error.message, isProblem: true },
    );
  };
  return (
    <Part title={WORDS.title}>
      <Text textStyle="body" mb="3">
        {WORDS.hint}
      </Text>
      <ActionButton loading={isBusy} loadingText={WORDS.copying} onClick={() => void copy()}>
        {WORDS.copyNow}
      </ActionButton>
      <Text textStyle="body" role="status" mt="2">
        {said && !said.isProblem ? said.text : ''}
      </Text>
      <FieldProblemText problem={said?.isProblem ? said.text : undefined} />
      {copies.slice(0, SHOWN).map(({ name, at, bytes }) => (
        <Text key={name} textStyle="small" overflowWrap="anywhere" data-testid="copy">
          {WORDS.line(dayAndTime(at, timeZone), name, bytes)}
        </Text>
      ))}
    </Part>
  );
}
