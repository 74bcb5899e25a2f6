'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { Learner } from '@/core/model';
import { ActionButton } from '@/ui/fields/action-button';
import { SelectField } from '@/ui/fields/select-field';
import { TextField } from '@/ui/fields/text-field';
import { Part } from '@/ui/frame/sheet';
import { practiceScreenWords } from '@/words/screens/practice';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { chooseLearnerAction } from './actions';

const WORDS = practiceScreenWords.people;
const NOBODY = '';

interface PeoplePartProps {
  learners: readonly Learner[];
  chosen: Learner | undefined;
}

/** Whose practice is kept: one of the names of this server, a new one, or nobody's. */
export function PeoplePart({ learners, chosen }: PeoplePartProps) {
  const router = useRouter();
  const acts = useAct();
  const [name, setName] = useState('');
  const choose = async (id: string) => {
    await chooseLearnerAction(id);
    router.refresh();
  };
  const add = async () => {
    const added = await acts.write('practice.person', { name });
    if (!added) return;
    setName('');
    await choose(added.id);
  };
  return (
    <Part title={WORDS.title}>
      <Text textStyle="small" color="faint" mb="3">
        {WORDS.hint}
      </Text>
      <Flex direction="column" gap="3" maxW="420px" className="no-print">
        {learners.length > 0 && (
          <SelectField
            label={WORDS.now}
            value={chosen?.id ?? NOBODY}
            options={[
              { value: NOBODY, label: WORDS.nobody },
              ...learners.map(({ id, name: label }) => ({ value: id, label })),
            ]}
            onChange={(id) => void choose(id)}
          />
        )}
        <Box
          as="form"
          onSubmit={(event) => {
            event.preventDefault();
            void add();
          }}
        >
          <TextField label={WORDS.name} value={name} onChange={setName} />
          <ActionButton quiet type="submit" mt="2" loading={acts.isBusy}>
            {WORDS.add}
          </ActionButton>
        </Box>
        <ActNotice acts={acts} />
        {chosen && <Forget learner={chosen} onGone={() => choose(NOBODY)} />}
      </Flex>
    </Part>
  );
}

/** Deletes a person with all answers, after a question. */
function Forget({ learner, onGone }: { learner: Learner; onGone: () => unknown }) {
  const acts = useAct();
  const [isAsked, setIsAsked] = useState(false);
  const forget = () => acts.write('practice.forget', { id: learner.id }, { settled: onGone });
  if (!isAsked) {
    return (
      <ActionButton plain alignSelf="flex-start" onClick={() => setIsAsked(true)}>
        {WORDS.forget(learner.name)}
      </ActionButton>
    );
  }
  return (
    <Box role="group" aria-label={WORDS.forget(learner.name)}>
      <Text textStyle="body">{WORDS.forgetAsk(learner.name)}</Text>
      <Flex gap="3" mt="2">
        <ActionButton loading={acts.isBusy} onClick={() => void forget()}>
          {WORDS.forgetYes}
        </ActionButton>
        <ActionButton quiet onClick={() => setIsAsked(false)}>
          {WORDS.cancel}
        </ActionButton>
      </Flex>
      <ActNotice acts={acts} />
    </Box>
  );
}
