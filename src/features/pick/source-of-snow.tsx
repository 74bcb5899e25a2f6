'use client';

import { Box, Text } from '@chakra-ui/react';
import type { Outing, Reading } from '@/core/model';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { useWords } from '@/ui/format/use-words';
import { choiceWords } from '@/words/areas/choice';
import { termsWords } from '@/words/areas/terms';
import { pickScreenWords } from '@/words/screens/pick';
import { temperature } from '@/words/quantities';
import { dayAndTime } from '@/words/times';
import type { PickState } from './use-pick';

const WORDS = pickScreenWords.pickScreen;

interface SourceOfSnowProps {
  state: PickState;
  reading: Reading | undefined;
  outing: Outing;
}

/** Where the snow of this choice comes from, with the other way to take where there are two. */
export function SourceOfSnow(props: SourceOfSnowProps) {
  const { units, say } = useWords();
  const { state, reading, outing } = props;
  const { basis, canChoose, reason } = state.day.source;
  const snow = state.answer.choice?.snow;
  return (
    <Box mb="3">
      {canChoose && (
        <Box mb="2">
          <ChoiceRow
            legend={WORDS.takeTheSnowFrom}
            name="basis"
            value={basis}
            onChange={(next) => state.form.set({ basis: next })}
            options={[
              { value: 'modelled', label: WORDS.outlookAtTheStart },
              { value: 'measured', label: WORDS.lastReading },
            ]}
          />
        </Box>
      )}
      <Text textStyle="small" color="faint">
        {snow && `${temperature(snow.temperatureC, units)}, `}
        {reading?.grain
          ? termsWords.inSentence(termsWords.GRAIN_WORDS[reading.grain])
          : WORDS.grainNotSeen}
        , {snow && termsWords.inSentence(termsWords.WETNESS_WORDS[snow.wetness])}.{' '}
        {reading &&
          `${reading.source === 'guess' ? WORDS.guessed : WORDS.seen} ${dayAndTime(reading.takenAt, outing.venue.timeZone)}. `}
        {reason && say(choiceWords.BASIS_REASON, reason)}
      </Text>
    </Box>
  );
}
