'use client';

import { useState } from 'react';
import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import { FEELS, GLIDES, type Feel, type Glide } from '@/core/learn';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { Part } from '@/ui/frame/sheet';
import { logScreenWords } from '@/words/screens/log';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import type { AskedOutcome } from './use-cases/load-outcomes';

const WORDS = logScreenWords.outcome;

/** Asks once how each choice turned out, in two taps, and takes back what was tapped by mistake. */
export function OutcomePart({ asked }: { asked: readonly AskedOutcome[] }) {
  const acts = useAct();
  const say = ({ choiceId, wax }: AskedOutcome, glide: Glide, feel: Feel) =>
    acts.write(
      'outcome.say',
      { choiceId, glide, feel },
      {
        said: () => WORDS.saved(wax),
        undo: () => ['outcome.back', { id: choiceId }],
        undone: WORDS.takenBack,
      },
    );
  if (asked.length === 0 && !acts.notice && !acts.problem) return null;
  return (
    <Part title={WORDS.title}>
      <ActNotice acts={acts} />
      {asked.map((one) => (
        <AskedLine key={one.choiceId} asked={one} onSaid={(...how) => void say(one, ...how)} />
      ))}
    </Part>
  );
}

function AskedLine({
  asked,
  onSaid,
}: {
  asked: AskedOutcome;
  onSaid: (glide: Glide, feel: Feel) => void;
}) {
  const [glide, setGlide] = useState<Glide>();
  const [feel, setFeel] = useState<Feel>();
  const tap = (change: { glide?: Glide; feel?: Feel }) => {
    const now = { glide, feel, ...change };
    setGlide(now.glide);
    setFeel(now.feel);
    if (now.glide && now.feel) onSaid(now.glide, now.feel);
  };
  return (
    <Box borderTopWidth="1px" borderColor="rule" py="3" data-testid="asked-outcome">
      <Text textStyle="strong">{WORDS.asked(asked.wax, asked.outingName)}</Text>
      <SimpleGrid columns={{ base: 1, md: 2 }} gap="4" maxW="900px" mt="2">
        <ChoiceRow
          legend={WORDS.glide}
          name={`glide-${asked.choiceId}`}
          options={optionsOf(GLIDES, WORDS.GLIDE)}
          value={glide}
          onChange={(value) => tap({ glide: value })}
        />
        <ChoiceRow
          legend={WORDS.feel}
          name={`feel-${asked.choiceId}`}
          options={optionsOf(FEELS, WORDS.FEEL)}
          value={feel}
          onChange={(value) => tap({ feel: value })}
          optionWidth="104px"
        />
      </SimpleGrid>
    </Box>
  );
}
